#!/usr/bin/env python3
"""Opens every file of the hostile corpus with the program, watched by strace: run.py DISTANZ-CLI HOSTILE-PHOTO

Nothing may be reached over the network, no file be read that was not given, none be
written outside the campaign's folder; no file may take more than 500 MB or 10 s of processor and waiting. Fails with what was seen."""
import pathlib, re, resource, shutil, subprocess, sys, tempfile, time

sys.path.insert(0, str(pathlib.Path(__file__).resolve().parent))
from make import make

MOST_MB, MOST_S, PATIENCE_S = 500, 10, 300
cli, photo = (pathlib.Path(p).resolve() for p in sys.argv[1:3])
CAMPAIGN = """{"distanz_interchange": 1, "title": "Hostile", "station": {"lat_deg": 46.5, "lon_deg": 20.5},
  "path": [{"lat_deg": 46.5, "lon_deg": 20.5, "height_m": 60}, {"lat_deg": 46.52, "lon_deg": 20.53, "height_m": 60}],
  "links": [{"id": "control", "kind": "control", "frequency_mhz": 2440}], "setups": [{"id": "A", "name": "Patch"}], "runs": []}"""


def watched(command, trace, campaign_folder, secret):
    """Runs it. @return what it should not have done"""
    begun = time.monotonic()
    run = subprocess.run(["strace", "-f", "-qq", "-o", trace, "-e", "trace=%network,%file,%process", *command], capture_output=True, timeout=PATIENCE_S)
    took, faults = time.monotonic() - begun, []
    for line in open(trace, encoding="utf-8", errors="replace"):
        call = re.sub(r"^\d+ +", "", line)
        if re.match(r"(connect|sendto|bind)\(.*AF_INET", call):
            faults.append(call)
        if pathlib.Path(secret).name in call and re.match(r"(open|openat|creat|readlink)", call) and " = -1" not in call:
            faults.append(call)
        writes = re.match(r"(open|openat|creat|mkdir|rename|renameat2?|unlink|unlinkat)\(", call) and (not call.startswith("open") or re.search(r"O_WRONLY|O_RDWR|O_CREAT", call))
        path = re.search(r'"([^"]*)"', call)
        if writes and path and " = -1" not in call and not path[1].startswith((str(campaign_folder), "/dev/", "/proc/self/")):
            faults.append(call)
    if run.returncode not in (0, 1):
        faults.append(f"ended with {run.returncode}: {run.stderr[-200:]}")
    return faults, took


def main():
    work = pathlib.Path(tempfile.mkdtemp(prefix="distanz-hostile-"))
    (work / "elsewhere").mkdir()
    secret = work / "elsewhere" / "not-yours.geojson"
    secret.write_text('{"type":"Point","coordinates":[20.5,46.5]}')
    files = make(work / "corpus", secret, 9)
    (work / "plain").mkdir()
    (work / "plain" / "campaign.json").write_text(CAMPAIGN)
    subprocess.run([cli, "convert", work / "plain", work / "plain.distanz"], check=True)
    failed = 0
    for path, surface in files:
        folder = work / "campaign"
        shutil.rmtree(folder, ignore_errors=True)
        folder.mkdir()
        campaign = folder / "c.distanz"
        shutil.copy(work / "plain.distanz", campaign)
        command = {"raster": [cli, "plan", campaign, "--layer", path],
                   "map": [cli, "plan", campaign, "--layer", path],
                   "photo": [photo, path],
                   "log": [cli, "inspect", path]}[surface]
        before = resource.getrusage(resource.RUSAGE_CHILDREN).ru_maxrss
        faults, took = watched(list(map(str, command)), str(work / "trace"), folder, secret)
        peak_mb = resource.getrusage(resource.RUSAGE_CHILDREN).ru_maxrss / 1000
        if peak_mb > MOST_MB and peak_mb * 1000 > before:
            faults.append(f"{peak_mb:.0f} MB")
        print(f"{'FAILED' if faults else 'held':6} {surface:6} {path.name:20} {took:5.1f} s" + "".join(f"\n    {f.strip()[:220]}" for f in faults[:5]), flush=True)
        failed += bool(faults)
    shutil.rmtree(work)
    print(f"hostile: {len(files) - failed} of {len(files)} files held")
    return failed > 0


sys.exit(main())
