"""Makes an SQLite database of SQL that was written for other databases: to_sqlite.py DATABASE FILE...

Only what drafts look at is carried over: tables, their keys, links, checks and rows. Statements that SQLite does not
take, even after the changes below, are left out and counted."""
import gzip
import re
import sqlite3
import sys


def text_of(path):
    opened = gzip.open(path, "rb") if path.endswith(".gz") else open(path, "rb")
    with opened:
        return opened.read().decode("utf-8", "replace")


def statements(text):
    """Cuts SQL at its semicolons, outside of quotes and comments; takes what a backslash guards in quotes as MySQL
    does."""
    text = re.sub(r"/\*.*?\*/", "", text, flags=re.S)
    text = re.sub(r"(?ms)^(DELIMITER //|SET TERM !! ;).*?(DELIMITER ;|SET TERM ; !!)\s*$", "", text)
    part, quote, i = [], "", 0
    while i < len(text):
        c = text[i]
        if quote:
            if c == "\\" and quote == "'" and i + 1 < len(text):
                after = text[i + 1]
                part.append({"n": "\n", "r": "\r", "t": "\t", "'": "''", "0": ""}.get(after, after))
                i += 2
                continue
            quote = "" if c == quote else quote
        elif c in "'\"`":
            quote = c
        elif text.startswith("--", i) and (i == 0 or text[i - 1] in "\n ;"):
            end = text.find("\n", i)
            i = len(text) if end < 0 else end
            continue
        elif c == ";":
            yield "".join(part).strip()
            part = []
            i += 1
            continue
        part.append(c)
        i += 1
    if "".join(part).strip():
        yield "".join(part).strip()


def as_sqlite(statement, domains, links):
    """The statement as SQLite takes it, or nothing."""
    domain = re.match(r"(?is)create domain\s+(\w+)\s+as\s+(.*)", statement)
    if domain:
        domains[domain[1].lower()] = re.sub(r"(?i)\bCHECK\b.*", "", domain[2], flags=re.S).strip()
        return ""
    link = re.match(r"(?is)alter table\s+\"?(\w+)\"?\s+add\s+(constraint\s+\w+\s+)?((foreign|primary)\s+key.*|unique.*|check.*)",
                    statement)
    if link:
        links.setdefault(link[1].lower(), []).append(link[3])
        return ""
    if not re.match(r"(?i)(create (table|unique index|index|(ascending|descending) index|view)|insert)", statement):
        return ""
    if not re.match(r"(?i)create table", statement):
        statement = re.sub(r"(?i)create (ascending|descending) index", "CREATE INDEX", statement)
        return statement
    for name, stands_for in domains.items():
        statement = re.sub(rf"(?im)^(\s*\w+\s+){name}\b", lambda m: m[1] + stands_for, statement)
    statement = re.sub(r"(?i)\bCOMPUTED BY\b", "GENERATED ALWAYS AS", statement)
    statement = re.sub(r"(?i)BLOB\(\d+,1\)", "TEXT", statement)
    statement = re.sub(r"\[\d+\]", "", statement)
    statement = re.sub(r"(?i)GENERATED ALWAYS AS IDENTITY\s*(\([^)]*\))?", "", statement)
    statement = re.sub(r"(?i)DEFAULT nextval\('\w+'\)", "", statement)
    statement = re.sub(r"(?i)\b(int|integer|bigint|serial|mediumint|smallint)(\(\d+\))?(\s+unsigned)?(?P<more>[^,]*?)auto_increment",
                       r"INTEGER\g<more>", statement)
    statement = re.sub(r"(?i)(\w+)\(([\d, ]+)\)\s+unsigned", r"\1(\2)", statement)
    statement = re.sub(r"(?i)\bunsigned\b|\bCHARACTER SET \w+|\bCOLLATE \w+|\bCOMMENT\s+'[^']*'|\bON UPDATE CURRENT_TIMESTAMP\b",
                       "", statement)
    statement = re.sub(r"(?im),\s*(FULLTEXT\s+|UNIQUE\s+)?(KEY|INDEX)\s+[`\w]+\s*(USING \w+\s*)?\((?:[^()]|\([^()]*\))*\)(\s*USING \w+)?",
                       "", statement)
    # A check that asks another table is none for SQLite.
    for check in reversed(list(re.finditer(r"(?is),?\s*CHECK\s*\(", statement))):
        end = closing(statement, check.end() - 1)
        if "select" in statement[check.end():end].lower():
            statement = statement[:check.start()] + statement[end + 1:]
    return re.sub(r"(?is)\)\s*(ENGINE|TYPE)\s*=.*$", ")", statement)


def closing(text, opened):
    depth = 0
    for i in range(opened, len(text)):
        depth += {"(": 1, ")": -1}.get(text[i], 0)
        if depth == 0:
            return i
    return len(text) - 1


def main():
    database = sqlite3.connect(sys.argv[1])
    domains, links, wanted, left = {}, {}, [], 0
    for path in sys.argv[2:]:
        for statement in statements(text_of(path)):
            changed = as_sqlite(statement, domains, links)
            if changed:
                wanted.append(changed)
    for statement in wanted:
        table = re.match(r"(?is)create table\s+[`\"]?(\w+)", statement)
        for link in links.get(table[1].lower(), []) if table else []:
            statement = re.sub(r"\)\s*$", f",\n  {link})", statement)
        try:
            database.execute(statement)
        except sqlite3.Error as error:
            left += 1
            if left <= 5:
                print(f"left out: {statement[:70]!r}: {error}")
    database.commit()
    print(f"{sys.argv[1]}: {left} of {len(wanted)} statements left out")


main()
