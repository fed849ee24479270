#pragma once
#include <SQLiteCpp/Database.h>

#include <filesystem>

namespace distanz::test {

/// A GeoPackage whose one layer is a view that never ends.
inline void writeEndlessMap(const std::filesystem::path& file) {
  SQLite::Database db(file.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
  db.exec(R"(PRAGMA application_id=1196444487; PRAGMA user_version=10200;
    CREATE TABLE gpkg_spatial_ref_sys(srs_name TEXT, srs_id INTEGER PRIMARY KEY, organization TEXT,
      organization_coordsys_id INTEGER, definition TEXT, description TEXT);
    INSERT INTO gpkg_spatial_ref_sys VALUES('WGS 84', 4326, 'EPSG', 4326, 'GEOGCS["WGS 84",DATUM["WGS_1984",
      SPHEROID["WGS 84",6378137,298.257223563]],PRIMEM["Greenwich",0],UNIT["degree",0.0174532925199433]]', '');
    CREATE TABLE gpkg_contents(table_name TEXT PRIMARY KEY, data_type TEXT, identifier TEXT, description TEXT,
      last_change TEXT, min_x REAL, min_y REAL, max_x REAL, max_y REAL, srs_id INTEGER);
    CREATE TABLE gpkg_geometry_columns(table_name TEXT, column_name TEXT, geometry_type_name TEXT, srs_id INTEGER,
      z TINYINT, m TINYINT);
    INSERT INTO gpkg_contents VALUES('f', 'features', 'f', '', '2026-01-01T00:00:00Z', 20, 46, 21, 47, 4326);
    INSERT INTO gpkg_geometry_columns VALUES('f', 'geom', 'POINT', 4326, 0, 0);
    CREATE VIEW f AS WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n)
      SELECT i AS fid, x'47500001e6100000' AS geom FROM n WHERE i < 0;)");
}

}  // namespace distanz::test
