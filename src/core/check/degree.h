// How grave a finding is.
#pragma once

namespace nabblet {

// What it comes to where nobody does anything.
enum class Degree {
    ToFix,   // the form will fail, or say what is not so
    ToWeigh, // it will serve people worse
};

} // namespace nabblet
