// How good a form is, in figures.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// How many pairs of controls of a form cover one another.
int overlaps(const Form &form);

// What is counted of a form, the forms inside it included.
struct FormQuality
{
    int boxes = 0;
    int overlaps = 0;           // pairs of controls that cover one another
    int offGrid = 0;            // edges of boxes that stand on no grid line
    int cutCaptions = 0;        // captions without room for their words
    qint64 values = 0;          // stored values looked at
    qint64 fitting = 0;         // of them, those that their box shows whole
    double leastFit = 1;        // the share that fits of the box where it is least
    QString leastFitBox;        // that box's column
    int requiredMissing = 0;    // required columns that nothing fills
    int linksWithoutLookup = 0; // foreign keys on the form as raw values
    int typeableIdentities = 0; // keys that number themselves and can be typed
    int backwardTabs = 0;       // steps of the tab order that jump up, but to a column further right, or left in a row
    int leftEdges = 0;          // different left edges of boxes
    int rightEdges = 0;
    int mostLeftEdges = 0; // in the column of boxes that has most
    int width = 0;         // px, of the widest form

    // Both together: counts added, extremes kept.
    FormQuality &operator+=(const FormQuality &other);
};

// profiles: of the form's table and of those of its subforms, by name; boxes whose values are not known are not judged
// by them.
FormQuality qualityOf(const Form &form, const Catalogue &catalogue, const QHash<QString, Profile> &profiles,
                      const TextMeasure &measure);

} // namespace nabblet
