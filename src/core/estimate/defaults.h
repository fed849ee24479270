#pragma once

/// Every number of the estimator that is chosen rather than derived, with its reason.
namespace distanz::estimate::defaults {

constexpr double kCellWidth_m =
    40;  // about 3 s of flight: averages fast fading out, keeps shadowing; 25..60 m works
constexpr double kTurnHalfWidth_s = 4;  // banking in the turn shadows the antenna
constexpr double kNearField_m = 80;     // two cells: elevation angle, saturation
constexpr int kMinSamplesPerCell =
    5;                         // fewer do not average fading out: in a log that has no more they weigh less
constexpr double kTrim = 0.4;  // dithered median: survives 40 % rubbish samples
constexpr double kClippedShare = 0.4;  // above this share at the floor the trimmed mean itself is clipped
constexpr double kFloorTolerance_db = 0.01;  // rounding of printed values
constexpr double kCensorAbove_db = 0.5;      // a clipped cell is known to lie below floor + half a dB step
constexpr double kCeiling_dbm = -10;         // receivers saturate near here
constexpr int kFloorMinRows = 10;            // a floor shows itself by repeating
constexpr int kFloorMinStreak = 3;
constexpr int kMinCellsPerRun = 3;
constexpr int kMinCells = 4;
constexpr int kMinSharedCells = 3;  // runs sharing fewer places are not compared by place

constexpr int kHuberPasses = 6;       // weights are settled by then (simulated)
constexpr double kHuber = 2.5;        // Huber (1981): mild loss of efficiency, ignores gross errors
constexpr int kHuberMinEntries = 10;  // fewer residuals give no scale
constexpr double kWithinClip = 3.5;   // a wild cell counts as this many robust sd
constexpr int kWithinMinDf = 5;
constexpr double kMadToSd = 1.4826;  // normal consistency of the median absolute deviation

constexpr double kCorrelationGrid_m[] = {8,  12, 18,  26,  38,
                                         55, 80, 115, 165, 240};  // shadowing over open ground
constexpr double kCorrelationMedian_m = 45;  // prior on the correlation length, log-normal
constexpr double kCorrelationLogSd = 0.6;
constexpr double kPlacePriorSd_db = 2.5;  // place shadowing over open ground
constexpr double kPlacePriorDf = 4;
constexpr double kExponentPrior = 2.7;  // between free space (2) and low over ground (3.5)
constexpr double kExponentPriorSd = 0.7;

constexpr double kFlightPriorSd_db = 1.35;  // spread of level between flights of one setup
constexpr double kFlightPriorDf = 4;
constexpr double kUnusualSpread_db = 2.3;  // above this the flights themselves contradict the prior
constexpr int kUnusualSpreadMinDf = 2;
constexpr int kCensorPasses = 8;

// One flight's difference between two receivers, or its two legs: each has 0.2..0.8 dB to itself, and its own
// shadowing. Of the priors tried this is the smallest that keeps 95 % up to a true sd of 0.9 dB; larger ones
// give away power (table in docs/methods/range.md).
constexpr double kPairedPriorSd_db = 0.8;
constexpr double kPairedPriorDf = 4;  // as between flights
constexpr double kPairedUnusual_db =
    1.7;  // dropping the prior earlier costs power at three flights and gains no coverage
constexpr double kPairedTrim = 0.2;  // a stretch where one antenna was shadowed does not decide the flight

// Usable all the way (estimate/passage): what of the spread inside a flight is sampling error, and the draws.
constexpr double kFullCell_db2 = 4;     // usual variance of a cell of many samples: by it cells of few are weighed
constexpr double kLeastCellNoise_db2 = 0.25;
constexpr double kManySamples = 20;     // a cell of so many has averaged fading out
constexpr double kFadingUnsure = 0.4;   // relative sd of the fading so told
constexpr double kSingleFade_db = 5;    // of one reading, where no log is dense enough to tell
constexpr double kUsualWithin_db = 1.5;  // shadowing of one flight, between posts
constexpr double kCalledSd_db = 1.5;  // of a reading called out: a display shows what a second averages
// Deep fades draw the mean of few readings below their middle: of a Rician signal by up to 0.18 of the fading's sd, of an even
// one by nothing (a trimmed cell of many, hardly). Half way between, and how far that may be off.
constexpr double kFewLean = 0.09, kFewLeanSd = 0.06;
constexpr double kMedianInefficiency = 1.3;  // variance of a 40 % trimmed mean over that of the mean
constexpr double kLeastLocalShare = 0.15;    // of s_x^2: sampling error is never all of it
constexpr double kLeastNeighbour = 0.05, kMostNeighbour = 0.9;
constexpr int kDraws = 1000;       // of what the flights leave open
constexpr int kNewFlights = 512;   // per draw
constexpr double kPlanSure = 0.9;  // of what is told to plan with

constexpr double kDriftPriorSd_db = 1.35;  // what the day does over a session, as far as nothing shows it
// Setups may fall differently (pattern, pointing): sd of a setup's slope about that of all, dB per factor 10.
constexpr double kSlopePriorSd_db = 2;
constexpr double kSlopesDifferP = 0.05;

// One look at the planned number of pairs at its own level, any other needs more (docs/methods).
constexpr int kPlannedPairs = 5;
constexpr double kPlannedLookP = 0.04, kOtherLookP = 0.008;

constexpr double kConfidence = 0.95;
constexpr double kDependability = 0.95;
constexpr double kDependableZ = 1.6449;    // standard normal quantile of kDependability
constexpr double kPracticalMargin = 0.10;  // below 10 % of range nothing is declared better
constexpr double kSpreadDf = 30;           // approximate degrees of freedom of s_tot
constexpr double kCriticalDf = 10;         // and of the critical level
constexpr int kMorePairsCap = 200;
constexpr double kExtrapolation = 1.25;  // beyond this only "at least" is shown
constexpr double kNoUpperLimit_m = 1e6;
constexpr int kPlacesOfAPath = 20'000;  // 400 km either way; of 100,000 paths they can still be counted
constexpr double kSteepestWarn = 2.5;   // sd from the prior exponent that count as unusual
// A named stretch of a course: what a flight has to itself there besides its level, and for shares of time (in radians of
// asin(sqrt(share))) the same.
constexpr double kSegmentPriorSd_db = 1.5, kSegmentPriorDf = 4, kSegmentUnusual = 2;
constexpr double kSharePriorFlight = 0.08, kSharePriorLocal = 0.12;
// Sd of the logarithm of what single flights' rates of events share with their day, worth so many degrees of freedom.
constexpr double kEventDaySd = 0.5, kEventPriorDf = 4, kEventUnusual = 1.5;
constexpr double kFlightOutlier = 3;    // times s_u

/// What draws from margins say of a chance that two setups differ by luck is too much by half, for their
/// priors are wide: with it equal setups are called different in 2 to 3 % of campaigns, without in 1 %
/// (bench/worlds).
constexpr double kMarginChance = 0.5;
constexpr double kSeenShare = 0.3;      // of a usual stretch's rows: less was hardly seen
constexpr double kLookWeight = 30;      // rows of one stretch that count as apart: the rest repeat each other
constexpr int kCriticalMinFailing = 2;  // looks below the rule
constexpr double kStretchUneven_db = 0.5;  // sd: the signal is not even over a stretch

constexpr double kQualityWindow_s = 1;
constexpr double kCriticalMinSd_db = 0.3;
constexpr double kCriticalLoneSd_db = 1.0;

constexpr double kTurnMarginOut_s = 2;  // a turn itself drops the link for a moment
constexpr double kBanking_s = 2.5;      // before the farthest row the aircraft may be banked already
constexpr double kTurnStillLostFrom_s = 2, kTurnStillLostTo_s = 3.5;
constexpr double kFailurePriorDf = 4, kFailurePriorSd = 0.17;
constexpr int kSigmaPoints = 28;
constexpr double kSigmaLow = 0.03, kSigmaHigh = 0.9;
constexpr double kMuStep = 0.008, kMuBelow = 1.5, kMuAbove = 2.5;

constexpr double kLiveWindow_s = 3;  // the local signal is a mean over about 40 m; so is its live reading

constexpr double kCapTurnSpread = 0.02;  // all turn distances within 2 %
constexpr double kCapPlace_m = 15;       // and no position is known better
constexpr int kCapMinFlights = 3;
constexpr int kCapLastCells = 3;
constexpr double kCapHeadroom_db = 6;
constexpr double kCapSteady_db = 3;   // a signal that went on is no weaker than before by more
constexpr double kCapBeyond = 0.03;   // of the way flown on without it

}  // namespace distanz::estimate::defaults
