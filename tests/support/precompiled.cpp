// Compiled once for the header that all tests share; it has no code of its own.
