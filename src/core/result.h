// A value or an error. Errors in Nabblet are values that carry a sentence for the person.
#pragma once

#include <QString>

#include <optional>
#include <utility>

namespace nabblet {

// What went wrong, said to a person: what happened, to what, what to do.
struct Error
{
    QString sentence; // shown as it is
    QString detail;   // what the system said, for whoever looks into it; may be empty
};

// The result of work that can fail: holds a T, or an Error.
template <typename T> class Result
{
public:
    Result(T value) : m_value(std::move(value)) {}
    Result(Error error) : m_error(std::move(error)) {}

    bool isOk() const { return m_value.has_value(); }
    explicit operator bool() const { return isOk(); }

    // Only when isOk().
    const T &value() const & { return *m_value; }
    T &value() & { return *m_value; }
    T &&value() && { return std::move(*m_value); }
    const T *operator->() const { return &*m_value; }
    T *operator->() { return &*m_value; }
    const T &operator*() const & { return *m_value; }
    T &operator*() & { return *m_value; }
    T &&operator*() && { return std::move(*m_value); }

    // Only when not isOk().
    const Error &error() const { return m_error; }

private:
    std::optional<T> m_value;
    Error m_error;
};

// For work that gives nothing back.
struct Done
{
};
using Outcome = Result<Done>;

} // namespace nabblet
