"""Files that nobody meant well with, over every surface that reads foreign ones: rasters, maps, photos, logs.

make(folder, secret, port): writes them below `folder`. `secret` is a local file that must not be read, `port` one of this machine's
that must not be reached. @return [(path, surface)]"""
import gzip, io, pathlib, sqlite3, struct, sys, zipfile, zlib


def tiff(width, height, rows=b"", metadata="", tile=False, bits=32, extra=()):
    """A GeoTIFF of floats over 46-47 N, 20-21 E; `rows` are its bytes, which need not be all it claims."""
    tags = [(256, 4, [width]), (257, 4, [height]), (258, 3, [bits]), (259, 3, [8 if not rows else 1]), (262, 3, [1]), (277, 3, [1]), (339, 3, [3])]
    tags += [(322, 4, [65536]), (323, 4, [65536]), (324, 4, [0]), (325, 4, [0])] if tile else [(273, 4, [0]), (278, 4, [height]), (279, 4, [len(rows)])]
    tags += [(33550, 12, [1 / max(width, 1), 1 / max(height, 1), 0]), (33922, 12, [0, 0, 0, 20, 47, 0]),
             (34735, 3, [1, 1, 0, 3, 1024, 0, 1, 2, 1025, 0, 1, 1, 2048, 0, 1, 4326])]
    if metadata:
        tags.append((42112, 2, list(metadata.encode() + b"\0")))
    tags += list(extra)
    tags.sort()
    size = {2: 1, 3: 2, 4: 4, 12: 8}
    code = {2: "B", 3: "H", 4: "I", 12: "d"}
    at, entries, data = 8 + 2 + 12 * len(tags) + 4, [], b""
    for tag, kind, values in tags:
        packed = struct.pack("<" + code[kind] * len(values), *values)
        if tag == 273:
            entries.append((tag, kind, len(values), "rows"))
        elif len(packed) <= 4:
            entries.append((tag, kind, len(values), packed.ljust(4, b"\0")))
        else:
            entries.append((tag, kind, len(values), struct.pack("<I", at + len(data))))
            data += packed + b"\0" * (len(packed) % 2)
    out = b"II*\0" + struct.pack("<IH", 8, len(tags))
    for tag, kind, count, value in entries:
        out += struct.pack("<HHI", tag, kind, count) + (struct.pack("<I", at + len(data)) if value == "rows" else value)
    return out + struct.pack("<I", 0) + data + rows


def overview(place):
    return f'<GDALMetadata><Item name="OVERVIEW_FILE" domain="OVERVIEWS">{place}</Item></GDALMetadata>'


def geojson(text="", crs=""):
    return ('{"type":"FeatureCollection",' + crs + '"features":[{"type":"Feature","properties":{"name":"x"' + text +
            '},"geometry":{"type":"Point","coordinates":[20.5,46.5]}}]}').encode()


def geopackage(path, sql):
    """An empty GeoPackage with one table of features, made by `sql`."""
    path.unlink(missing_ok=True)
    db = sqlite3.connect(path)
    db.executescript("""PRAGMA application_id=1196444487; PRAGMA user_version=10200;
      CREATE TABLE gpkg_spatial_ref_sys(srs_name TEXT, srs_id INTEGER PRIMARY KEY, organization TEXT, organization_coordsys_id INTEGER, definition TEXT, description TEXT);
      INSERT INTO gpkg_spatial_ref_sys VALUES('WGS 84', 4326, 'EPSG', 4326, 'GEOGCS["WGS 84",DATUM["WGS_1984",SPHEROID["WGS 84",6378137,298.257223563]],PRIMEM["Greenwich",0],UNIT["degree",0.0174532925199433]]', '');
      CREATE TABLE gpkg_contents(table_name TEXT PRIMARY KEY, data_type TEXT, identifier TEXT, description TEXT, last_change TEXT, min_x REAL, min_y REAL, max_x REAL, max_y REAL, srs_id INTEGER);
      CREATE TABLE gpkg_geometry_columns(table_name TEXT, column_name TEXT, geometry_type_name TEXT, srs_id INTEGER, z TINYINT, m TINYINT);
      INSERT INTO gpkg_contents VALUES('f', 'features', 'f', '', '2026-01-01T00:00:00Z', 20, 46, 21, 47, 4326);
      INSERT INTO gpkg_geometry_columns VALUES('f', 'geom', 'POINT', 4326, 0, 0);""")
    try:
        db.executescript(sql)
        db.commit()
    finally:
        db.close()


POINT = "x'47500001e6100000" + struct.pack("<BIdd", 1, 1, 20.5, 46.5).hex() + "'"


def png(width, height, data=b""):
    def chunk(kind, body):
        return struct.pack(">I", len(body)) + kind + body + struct.pack(">I", zlib.crc32(kind + body))
    return b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", struct.pack(">IIBBBBB", width, height, 8, 2, 0, 0, 0)) + chunk(b"IDAT", zlib.compress(data)) + chunk(b"IEND", b"")


def bomb_of_zeros(megabytes):
    out = io.BytesIO()
    with gzip.GzipFile(fileobj=out, mode="wb", compresslevel=9) as packed:
        for _ in range(megabytes):
            packed.write(b"0" * 1_000_000)
    return out.getvalue()


LAUGHS = '<?xml version="1.0"?><!DOCTYPE x [<!ENTITY a "aaaaaaaaaa">' + "".join(
    f'<!ENTITY {chr(98 + i)} "{("&" + chr(97 + i) + ";") * 10}">' for i in range(9)) + "]>"


def make(folder, secret, port):
    folder = pathlib.Path(folder)
    folder.mkdir(parents=True, exist_ok=True)
    url, out = f"http://127.0.0.1:{port}/x.tif", []

    def put(name, surface, content):
        (folder / name).write_bytes(content if isinstance(content, bytes) else content.encode())
        out.append((folder / name, surface))

    # Rasters
    flat = struct.pack("<4f", 80, 81, 82, 83)
    for i, place in enumerate([f"/vsicurl/{url}", f"/vsicurl/{url}?x=.none", url, str(secret), f"/vsizip/{secret}/x.tif", f"<VRTDataset rasterXSize='2' rasterYSize='2'><VRTRasterBand dataType='Float32' band='1'><SimpleSource><SourceFilename>{secret}</SourceFilename></SimpleSource></VRTRasterBand></VRTDataset>",
                               f"WMS:http://127.0.0.1:{port}/wms", f"<GDAL_WMS><Service name='TMS'><ServerUrl>http://127.0.0.1:{port}/</ServerUrl></Service><Cache/></GDAL_WMS>", f"/vsisubfile/0_99,{secret}", "/vsistdin/", f":::BASE:::../{pathlib.Path(secret).name}"]):
        put(f"overview{i}.tif", "raster", tiff(2, 2, flat, overview(place)))
    put("beside.tif", "raster", tiff(2, 2, flat))
    (folder / "beside.tif.ovr").write_bytes(f"<VRTDataset rasterXSize='1' rasterYSize='1'><VRTRasterBand dataType='Float32' band='1'><SimpleSource><SourceFilename>/vsicurl/{url}</SourceFilename></SimpleSource></VRTRasterBand></VRTDataset>".encode())
    (folder / "beside.tif.aux.xml").write_bytes(b"<PAMDataset><Metadata domain='OVERVIEWS'><MDI key='OVERVIEW_FILE'>" + url.encode() + b"</MDI></Metadata></PAMDataset>")
    put("vrt.tif", "raster", f"<VRTDataset rasterXSize='2' rasterYSize='2'><SRS>EPSG:4326</SRS><GeoTransform>20,.1,0,47,0,-.1</GeoTransform><VRTRasterBand dataType='Float32' band='1'><SimpleSource><SourceFilename>{secret}</SourceFilename></SimpleSource></VRTRasterBand></VRTDataset>")
    put("bomb-strip.tif", "raster", tiff(60000, 60000))
    put("bomb-tile.tif", "raster", tiff(200000, 200000, tile=True))
    put("bomb-wide.tif", "raster", tiff(4000000000, 2))
    put("bomb-zero.tif", "raster", tiff(0, 0))
    put("cut.tif", "raster", tiff(100, 100, flat)[:200])
    put("text.tif", "raster", "this is no raster")
    put("empty.tif", "raster", b"")
    put("bomb.asc", "raster", "ncols 100000\nnrows 100000\nxllcorner 20\nyllcorner 46\ncellsize 0.00001\n1 2 3\n")
    put("long-line.asc", "raster", b"ncols 2\nnrows 2\nxllcorner 20\nyllcorner 46\ncellsize 1\n" + b"9" * 3_000_000)
    put("nan.asc", "raster", "ncols 2\nnrows 2\nxllcorner nan\nyllcorner inf\ncellsize 1e308\n1 2 3 4\n")
    put("N46E020.hgt", "raster", b"\0" * 1201 * 1201 * 2)
    put("short.dt2", "raster", b"UHL1" + b"9" * 100)
    put("grass.dem", "raster", b"A" * 2048)
    put("worm.bil", "raster", b"\0" * 100)
    (folder / "worm.hdr").write_bytes(f"NROWS 99999\nNCOLS 99999\nNBITS 32\nLAYOUT BIL\nBANDS 1\nSKIPBYTES {secret}\n".encode())
    # Maps
    for i, href in enumerate([f"http://127.0.0.1:{port}/crs", f"file://{secret}", str(secret)]):
        put(f"linked{i}.geojson", "map", geojson(crs='"crs":{"type":"link","properties":{"href":"' + href + '","type":"proj4"}},'))
    put("name-crs.geojson", "map", geojson(crs=f'"crs":{{"type":"name","properties":{{"name":"http://127.0.0.1:{port}/x"}}}},'))
    put("deep.geojson", "map", b'{"type":"FeatureCollection","features":' + b"[" * 200_000)
    put("deep-shape.geojson", "map", b'{"type":"GeometryCollection","geometries":[' * 20_000)
    put("many.geojson", "map", b'{"type":"MultiPoint","coordinates":[' + b"[20,46]," * 3_000_000 + b"[20,46]]}")
    put("long-name.geojson", "map", geojson(',"long":"' + "x" * 20_000_000 + '"'))
    put("esri.json", "map", f'{{"objectIdFieldName":"a","fields":[],"geometryType":"esriGeometryPoint","spatialReference":{{"wkid":4326}},"features":[],"url":"http://127.0.0.1:{port}/"}}')
    geopackage(folder / "endless.gpkg", f"CREATE VIEW f AS WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i+1 FROM n) SELECT i AS fid, {POINT} AS geom FROM n;")
    geopackage(folder / "slow.gpkg", f"CREATE VIEW f AS WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i+1 FROM n) SELECT i AS fid, {POINT} AS geom FROM n WHERE i < 0;")
    geopackage(folder / "large.gpkg", f"CREATE VIEW f AS SELECT 1 AS fid, {POINT} AS geom, hex(zeroblob(400000000)) AS t;")
    geopackage(folder / "reads.gpkg", f"CREATE VIEW f AS SELECT 1 AS fid, {POINT} AS geom, 'x' AS t;")
    db = sqlite3.connect(folder / "reads.gpkg")
    db.executescript(f"PRAGMA writable_schema=1; INSERT INTO sqlite_schema VALUES('table', 'v', 'v', 0, 'CREATE VIRTUAL TABLE v USING VirtualOGR(\"{secret}\")'); UPDATE sqlite_schema SET sql = 'CREATE VIEW f AS SELECT 1 AS fid, {POINT.replace(chr(39), chr(39) * 2)} AS geom, * FROM v' WHERE name = 'f';")
    db.commit()
    db.close()
    for name in ("endless", "slow", "large", "reads"):
        out.append((folder / f"{name}.gpkg", "map"))
    put("link.kml", "map", f"<kml xmlns='http://www.opengis.net/kml/2.2'><NetworkLink><Link><href>http://127.0.0.1:{port}/a.kml</href></Link></NetworkLink></kml>")
    put("style.kml", "map", f"<kml xmlns='http://www.opengis.net/kml/2.2'><Document><Placemark><styleUrl>http://127.0.0.1:{port}/s.kml#x</styleUrl><Point><coordinates>20,46</coordinates></Point></Placemark></Document></kml>")
    put("outside.gpx", "map", f"<?xml version='1.0'?><!DOCTYPE g [<!ENTITY x SYSTEM 'file://{secret}'>]><gpx version='1.1' xmlns='http://www.topografix.com/GPX/1/1'><wpt lat='46' lon='20'><name>&x;</name></wpt></gpx>")
    put("laughs.gpx", "map", LAUGHS + "<gpx version='1.1' xmlns='http://www.topografix.com/GPX/1/1'><wpt lat='46' lon='20'><name>&j;</name></wpt></gpx>")
    put("laughs.kml", "map", LAUGHS + "<kml xmlns='http://www.opengis.net/kml/2.2'><Document><name>&j;</name></Document></kml>")
    packed = io.BytesIO()
    with zipfile.ZipFile(packed, "w", zipfile.ZIP_DEFLATED) as z:
        z.writestr("doc.kml", b"<kml><Document><name>" + b"x" * 600_000_000)
    put("bomb.kmz", "map", packed.getvalue())
    packed = io.BytesIO()
    with zipfile.ZipFile(packed, "w") as z:
        z.writestr(f"../../{pathlib.Path(secret).name}", b"<kml/>")
        z.writestr("doc.kml", f"<kml><NetworkLink><Link><href>../{pathlib.Path(secret).name}</href></Link></NetworkLink></kml>")
    put("climbs.kmz", "map", packed.getvalue())
    put("none.fgb", "map", b"fgb\x03fgb\x00" + b"\xff" * 400)
    put("not.gpkg", "map", b"SQLite format 3\0" + b"\xff" * 4000)
    put("empty.kml", "map", b"")
    # Photos
    put("names.svg", "photo", f"<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='9' height='9'><image width='9' height='9' xlink:href='{secret}'/></svg>")
    put("svg-as.png", "photo", f"<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='30000' height='30000'><image width='9' height='9' xlink:href='http://127.0.0.1:{port}/'/></svg>")
    put("bomb.png", "photo", png(30000, 30000, b"\0" * 3_000_000))
    put("wide.png", "photo", png(2_000_000_000, 2_000_000_000))
    put("cut.png", "photo", png(100, 100)[:40])
    put("wide.bmp", "photo", b"BM" + struct.pack("<IHHIIiiHHIIiiII", 54, 0, 0, 54, 40, 2_000_000_000, 2_000_000_000, 1, 24, 0, 0, 0, 0, 0, 0))
    put("wide.gif", "photo", b"GIF89a" + struct.pack("<HHBBB", 65535, 65535, 0x80, 0, 0) + b"\0\0\0\xff\xff\xff," + struct.pack("<HHHHB", 0, 0, 65535, 65535, 0) + b"\x02\x02\x44\x01\0;")
    put("jpeg.jpg", "photo", b"\xff\xd8\xff\xc0\0\x11\x08\xff\xff\xff\xff\x03\x01\x22\0\x02\x11\x01\x03\x11\x01\xff\xd9")
    # Logs
    put("bomb.csv.gz", "log", bomb_of_zeros(1500))
    put("outside-log.gpx", "log", f"<?xml version='1.0'?><!DOCTYPE g [<!ENTITY x SYSTEM 'file://{secret}'>]><gpx version='1.1'><trk><trkseg><trkpt lat='46' lon='20'><time>&x;</time></trkpt></trkseg></trk></gpx>")
    put("deep-log.geojson", "log", b"[" * 200_000)
    return out


if __name__ == "__main__":
    for path, surface in make(sys.argv[1], sys.argv[2], int(sys.argv[3])):
        print(path, surface, sep="\t")
