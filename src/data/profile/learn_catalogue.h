// The catalogue of a database with what its names and rows tell.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/row_names.h"
#include "data/dialect/connection.h"

namespace nabblet {

// Up to this many rows of each table are looked at to tell what names them.
constexpr int NamingRows = 200;

// Reads the catalogue, parts names whose words run together, and looks into the rows of every table for what names
// them. Tables that take too long to look into are told by their names alone.
Result<Catalogue> learnCatalogue(const Connection &connection);

// The signs of a table's text columns, by its first rows; without them where it cannot be read in time.
TableSigns signsOf(const Connection &connection, const Table &table);

} // namespace nabblet
