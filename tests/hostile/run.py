#!/usr/bin/env python3
"""Opens every file of the hostile corpus with the program, watched by strace: run.py DISTANZ-CLI HOSTILE-PHOTO

Nothing may be reached over the network, no file be read that was not given, none be
written outside the campaign's folder; no file may take more than 500 MB or 10 s of processor and waiting. Fails with what was seen."""
import json, os, pathlib, re, shutil, subprocess, sys, tempfile, time

MOST_MB, MOST_S, PATIENCE_S = 500, 10, 300
cli, photo = (pathlib.Path(p).resolve() for p in sys.argv[1:3])
CAMPAIGN = """{"distanz_interchange": 1, "title": "Hostile", "station": {"lat_deg": 46.5, "lon_deg": 20.5},
  "path": [{"lat_deg": 46.5, "lon_deg": 20.5, "height_m": 60}, {"lat_deg": 46.52, "lon_deg": 20.53, "height_m": 60}],
  "links": [{"id": "control", "kind": "control", "frequency_mhz": 2440}], "setups": [{"id": "A", "name": "Patch"}], "runs": []}"""


def watched(command, trace, campaign_folder, secret):
    """Runs it. @return what it should not have done"""
    begun, said = time.monotonic(), trace + ".said"
    with open(said, "wb") as out:
        run = subprocess.Popen(["timeout", str(PATIENCE_S), "strace", "-f", "-qq", "-o", trace, "-e", "trace=%network,%file,%process", *command], stdout=out, stderr=out)
        _, status, used = os.wait4(run.pid, 0)  # and of all that it waited for
    took, faults, code = time.monotonic() - begun, [], os.waitstatus_to_exitcode(status)
    if used.ru_maxrss / 1000 > MOST_MB:
        faults.append(f"{used.ru_maxrss / 1000:.0f} MB")
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
    if code not in (0, 1):
        faults.append(f"ended with {code}: {open(said, 'rb').read()[-200:]}")
    return faults, took, used.ru_maxrss / 1000


def made_of(path, surface, folder, sent):
    """A campaign that somebody sent, with that file for its layer. @return whether it could be made"""
    shutil.rmtree(folder, ignore_errors=True)
    folder.mkdir()
    for with_it in path.parent.glob(path.name + "*"):
        shutil.copy(with_it, folder)
    plain = json.loads(CAMPAIGN)
    role = "terrain" if surface == "raster" else "buildings"
    plain["layers"] = [{"id": "l1", "name": "Sent", "role": role, "file": {"file": path.name}}]
    (folder / "campaign.json").write_text(json.dumps(plain))
    return subprocess.run([cli, "convert", folder, sent], capture_output=True).returncode == 0


CANNOT_WATCH = 77  # ctest then says that this was not tested


def main():
    if subprocess.run(["strace", "-o", "/dev/null", "true"], capture_output=True).returncode:
        print("hostile: this machine lets no process be traced, so nothing was watched")
        return CANNOT_WATCH
    work = pathlib.Path(tempfile.mkdtemp(prefix="distanz-hostile-"))
    (work / "elsewhere").mkdir()
    secret = work / "elsewhere" / "not-yours.geojson"
    secret.write_text('{"type":"Point","coordinates":[20.5,46.5]}')
    # In a process of its own: what it takes would count for those that come after.
    made = subprocess.run([sys.executable, pathlib.Path(__file__).with_name("make.py"), work / "corpus", secret, "9"], check=True, capture_output=True, text=True)
    files = [(pathlib.Path(line.split("\t")[0]), line.split("\t")[1]) for line in made.stdout.splitlines()]
    (work / "plain").mkdir()
    (work / "plain" / "campaign.json").write_text(CAMPAIGN)
    subprocess.run([cli, "convert", work / "plain", work / "plain.distanz"], check=True)
    failed, opened, longest, most_mb = 0, 0, 0, 0
    for path, surface in files:
        folder = work / "campaign"
        shutil.rmtree(folder, ignore_errors=True)
        folder.mkdir()
        campaign = folder / "c.distanz"
        shutil.copy(work / "plain.distanz", campaign)
        layer, take = [cli, "plan", campaign, "--layer", path], [cli, "plan", campaign, "--take", path]
        commands = {"raster": [layer], "map": [layer, take], "photo": [[photo, path]], "log": [[cli, "inspect", path]]}[surface]
        if surface in ("raster", "map"):
            sent = folder / "sent.distanz"
            if made_of(path, surface, work / "sent", sent):
                commands.append([cli, "plan", sent])
        faults, took, peak_mb = [], 0, 0
        for command in commands:
            more, time_of_it, mb = watched(list(map(str, command)), str(work / "trace"), folder, secret)
            faults, took, peak_mb = faults + more, max(took, time_of_it), max(peak_mb, mb)
        opened, longest, most_mb = opened + len(commands), max(longest, took), max(most_mb, peak_mb)
        print(f"{'FAILED' if faults else 'held':6} {surface:6} {path.name:20} {took:5.1f} s {peak_mb:4.0f} MB" + "".join(f"\n    {f.strip()[:220]}" for f in faults[:5]), flush=True)
        failed += bool(faults)
    shutil.rmtree(work)
    print(f"hostile: {len(files) - failed} of {len(files)} files held; {opened} times opened, {longest:.1f} s and {most_mb:.0f} MB at most")
    return failed > 0


sys.exit(int(main()))
