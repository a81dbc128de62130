"""Checks JSON files against a JSON Schema with python3-jsonschema, which knows nothing of this program.

usage: check_schema.py SCHEMA FILE...
Prints each mistake with the place in the file; exits with 1 when there is one.
"""
import json
import sys

import jsonschema


def main() -> int:
    schema = json.load(open(sys.argv[1], encoding="utf-8"))
    checker = jsonschema.validators.validator_for(schema)
    checker.check_schema(schema)
    validator = checker(schema)
    mistakes = 0
    for path in sys.argv[2:]:
        for error in validator.iter_errors(json.load(open(path, encoding="utf-8"))):
            place = "/" + "/".join(str(part) for part in error.absolute_path)
            print(f"{path}: at {place}: {error.message}")
            mistakes += 1
    print(f"{len(sys.argv) - 2} files checked, {mistakes} mistakes")
    return 1 if mistakes else 0


sys.exit(main())
