// A control: anything placed on a band of a form.
#pragma once

#include "core/model/control_settings.h"
#include "core/model/rail.h"

#include <QHash>
#include <QJsonObject>
#include <QList>
#include <QRect>
#include <QSharedData>
#include <QString>

#include <array>
#include <atomic>
#include <iterator>
#include <memory>

namespace nabblet {

// Names a control within one form for as long as the form is open, through every edit and undo. 0 is no control.
using ControlId = int;

// The full-width strips of a form, from top to bottom. The header and footer of pages are for printing only.
enum class BandRole { PageHeader, Header, Body, Footer, PageFooter };

// Which rail each edge of a control rides (FixedRail::None where it rides none). An edge that rides a rail keeps its
// distance to it when the rail moves. With left and right, or top and bottom, riding different rails, the control
// stretches. Level rails lie in the body: riding one from another band does nothing.
struct Rides
{
    RailId left = FixedRail::None;
    RailId right = FixedRail::None;
    RailId bottom = FixedRail::None;
    RailId top = FixedRail::None;

    bool operator==(const Rides &) const = default;
};
// All of them, to go through.
inline constexpr std::array RideEdges{&Rides::left, &Rides::right, &Rides::top, &Rides::bottom};

struct Form;

// A form inside a control: what a subform shows, or what a button opens. Shared between the controls that hold it, so
// that copying a control stays cheap; equal when the forms are.
class InnerForm
{
public:
    InnerForm() = default;
    explicit InnerForm(const Form &form);

    // The form, or nullptr where the control holds none.
    const Form *get() const { return m_form.get(); }
    explicit operator bool() const { return m_form != nullptr; }
    bool operator==(const InnerForm &other) const;

private:
    std::shared_ptr<const Form> m_form;
};

struct Control
{
    // Written out once: a compiler puts what is long into each place that copies or ends one.
    Control();
    Control(const Control &other);
    Control(Control &&other) noexcept;
    Control &operator=(const Control &other);
    Control &operator=(Control &&other) noexcept;
    ~Control();

    ControlId id = 0;
    QString kind; // the kind's name as in core/kinds
    QString name; // unique in the form
    BandRole band = BandRole::Body;
    ControlId container = 0; // the group box or tab pages that hold it; 0: right on the band
    int page = 0;            // of tab pages, by its id
    QRect place;             // px, relative to the band's top left corner, in containers too
    Rides rides;
    QString column;           // the bound column, or empty
    QString text;             // the words of a caption, or the words beside a tick box
    ControlId captionFor = 0; // for a caption that belongs to a field: that field
    QString role;             // look role: "title", "caption", "field", "note", "button"
    ControlSettings settings; // what its kind has besides
    InnerForm inner;          // the form that a subform shows
    QJsonObject unknown;      // keys of a newer version, kept for saving

    bool operator==(const Control &) const = default;
};

} // namespace nabblet

// Lists move them as they lie in memory.
Q_DECLARE_TYPEINFO(nabblet::Control, Q_RELOCATABLE_TYPE);

namespace nabblet {

// What stands side by side: in one band and one container, of tab pages or panes on one page.
struct Area
{
    BandRole band = BandRole::Body;
    ControlId container = 0; // 0: right on the band
    int page = 0;            // of tab pages

    auto operator<=>(const Area &) const = default;
};
size_t qHash(const Area &area, size_t seed = 0);

inline Area areaOf(const Control &control)
{
    return {control.band, control.container, control.page};
}

// Where the controls of a list are: places in the list.
struct ControlIndex
{
    QHash<ControlId, int> places;
    QHash<ControlId, int> captions;      // by the field, the first in the list
    QHash<ControlId, QList<int>> inside; // by the container, from back to front; without what stands right on a band
    QHash<Area, QList<int>> areas;       // from back to front
};

// The controls of a form, from back to front. Copying is cheap: a list shares every control that did not change with
// the list it came from, so a step of undo costs one pointer a control and one control for each that changed.
class ControlList
{
public:
    ControlList() = default;
    ControlList(const ControlList &other);
    ControlList(ControlList &&other) noexcept;
    ControlList &operator=(ControlList other) noexcept;
    ~ControlList();

    int size() const { return static_cast<int>(m_items.size()); }
    bool isEmpty() const { return m_items.isEmpty(); }
    const Control &at(int index) const { return *m_items.at(index).constData(); }

    // The place of a control in the list, -1 when it is not there.
    int indexOf(ControlId id) const;
    // The control with that id, or nullptr. Valid until the list changes.
    const Control *find(ControlId id) const;

    // Where the controls are: found when first asked for, then shared with every list that only moved them. Valid until
    // the list changes.
    const ControlIndex &index() const;
    // The same where it was found already, else nullptr: for single questions, which are not worth finding it.
    const ControlIndex *knownIndex() const;
    // Lets go of the index, to keep the list for long.
    void dropIndex();

    void append(const Control &control);
    // Appends another list's control without copying it.
    void appendShared(const ControlList &other, int index);
    void replace(int index, const Control &control);
    void removeAt(int index);
    void reserve(int size) { m_items.reserve(size); }

    // Whether both lists hold the very same stored control there; true means equal, false says nothing.
    bool sharesWith(const ControlList &other, int index) const;

    bool operator==(const ControlList &other) const;

    class Iterator
    {
    public:
        using iterator_category = std::forward_iterator_tag;
        using value_type = Control;
        using difference_type = std::ptrdiff_t;
        using pointer = const Control *;
        using reference = const Control &;

        Iterator() = default;
        Iterator(const ControlList *list, int index) : m_list(list), m_index(index) {}
        const Control &operator*() const { return m_list->at(m_index); }
        const Control *operator->() const { return &m_list->at(m_index); }
        Iterator &operator++()
        {
            ++m_index;
            return *this;
        }
        Iterator operator++(int)
        {
            const Iterator before = *this;
            ++m_index;
            return before;
        }
        bool operator==(const Iterator &) const = default;

    private:
        const ControlList *m_list = nullptr;
        int m_index = 0;
    };
    Iterator begin() const { return {this, 0}; }
    Iterator end() const { return {this, size()}; }

private:
    struct Item : QSharedData, Control
    {
        Item() = default;
        explicit Item(const Control &control) : Control(control) {}
    };
    struct SharedIndex;

    QList<QExplicitlySharedDataPointer<const Item>> m_items;
    // Forms are read by several threads at a time, any of which may be the first to ask.
    mutable std::atomic<const SharedIndex *> m_index = nullptr;
};

} // namespace nabblet
