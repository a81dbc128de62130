// A small catalogue with every sort of link: rows of rows, a key of several columns, two links to one table, a table
// that only ties two others together.
#pragma once

#include "support/sample_forms.h"

namespace nabblet::samples {

inline Catalogue orders()
{
    Table customer;
    customer.name = "customer";
    customer.columns = {column("customer_id", "INTEGER", true), column("name", "VARCHAR(60)", true),
                        column("phone", "VARCHAR(20)")};
    customer.columns[0].numbersItself = true;
    customer.primaryKey = {"customer_id"};
    Table order;
    order.name = "purchase";
    order.columns = {column("purchase_no", "INTEGER", true), column("customer_id", "INTEGER", true),
                     column("paid_by", "INTEGER"), column("ordered_on", "DATE", true), column("remarks", "TEXT")};
    order.columns[0].numbersItself = true;
    order.primaryKey = {"purchase_no"};
    order.foreignKeys = {ForeignKey{{"customer_id"}, "customer", {"customer_id"}},
                         ForeignKey{{"paid_by"}, "customer", {"customer_id"}}};
    Table line;
    line.name = "purchase_line";
    line.columns = {column("purchase_no", "INTEGER", true),     column("line_no", "INTEGER", true),
                    column("article", "VARCHAR(30)", true),     column("quantity", "DECIMAL(8,2)", true),
                    column("unit_price", "DECIMAL(8,2)", true), column("amount", "DECIMAL(10,2)")};
    line.columns[5].isGenerated = true;
    line.primaryKey = {"purchase_no", "line_no"};
    line.foreignKeys = {ForeignKey{{"purchase_no"}, "purchase", {"purchase_no"}}};
    Table claim;
    claim.name = "claim";
    claim.columns = {column("claim_id", "INTEGER", true), column("purchase_no", "INTEGER", true),
                     column("line_no", "INTEGER", true), column("reason", "TEXT", true)};
    claim.columns[0].numbersItself = true;
    claim.primaryKey = {"claim_id"};
    claim.foreignKeys = {ForeignKey{{"purchase_no", "line_no"}, "purchase_line", {"purchase_no", "line_no"}}};
    Table tag;
    tag.name = "tag";
    tag.columns = {column("tag_id", "INTEGER", true), column("label", "VARCHAR(20)", true)};
    tag.columns[0].numbersItself = true;
    tag.primaryKey = {"tag_id"};
    Table tagged;
    tagged.name = "purchase_tag";
    tagged.columns = {column("purchase_no", "INTEGER", true), column("tag_id", "INTEGER", true)};
    tagged.primaryKey = {"purchase_no", "tag_id"};
    tagged.foreignKeys = {ForeignKey{{"purchase_no"}, "purchase", {"purchase_no"}},
                          ForeignKey{{"tag_id"}, "tag", {"tag_id"}}};
    return {{claim, customer, order, line, tagged, tag}};
}

} // namespace nabblet::samples
