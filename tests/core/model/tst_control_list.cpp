// What a list of controls knows of where they are, against a plain search.
#include "core/arrange/containers.h"
#include "core/model/form.h"

#include <QRandomGenerator>
#include <QTest>

#include <thread>

using namespace nabblet;

namespace {

Control control(ControlId id, ControlId container, int page, ControlId captionFor)
{
    Control made;
    made.id = id;
    made.kind = QStringLiteral("text-box");
    made.container = container;
    made.page = page;
    made.captionFor = captionFor;
    made.place = QRect(id * 8, id * 8, 80, 24);
    return made;
}

// Whether every answer of the index is what going through all controls gives.
bool isRight(const ControlList &list)
{
    const ControlIndex &index = list.index();
    QHash<Area, QList<int>> areas;
    QHash<ControlId, QList<int>> inside;
    QHash<ControlId, int> captions;
    for (int i = 0; i < list.size(); ++i) {
        if (index.places.value(list.at(i).id, -1) != i || list.indexOf(list.at(i).id) != i) {
            return false;
        }
        areas[areaOf(list.at(i))].append(i);
        if (list.at(i).container != 0) {
            inside[list.at(i).container].append(i);
        }
        if (list.at(i).captionFor != 0 && !captions.contains(list.at(i).captionFor)) {
            captions.insert(list.at(i).captionFor, i);
        }
    }
    return index.places.size() == list.size() && index.areas == areas && index.inside == inside &&
           index.captions == captions;
}

} // namespace

class TestControlList : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    // Whatever is done to a list and its copies, in any order, each knows its own controls.
    void theIndexIsThatOfTheList()
    {
        QRandomGenerator random(5);
        for (int run = 0; run < 60; ++run) {
            QList<ControlList> lists{ControlList()};
            ControlId last = 0;
            for (int step = 0; step < 80; ++step) {
                const qsizetype at = random.bounded(lists.size());
                ControlList &list = lists[at];
                const int index = list.isEmpty() ? -1 : random.bounded(list.size());
                switch (random.bounded(7)) {
                case 0:
                case 1:
                    ++last;
                    list.append(control(last, random.bounded(3), random.bounded(2), random.bounded(last)));
                    break;
                case 2:
                    if (index >= 0) {
                        list.removeAt(index);
                    }
                    break;
                case 3: // only moved: it shares the index
                    if (index >= 0) {
                        Control moved = list.at(index);
                        moved.place.translate(8, 0);
                        list.replace(index, moved);
                    }
                    break;
                case 4:
                    if (index >= 0) {
                        Control changed = list.at(index);
                        (random.bounded(2) == 0 ? changed.container : changed.captionFor) = random.bounded(4);
                        list.replace(index, changed);
                    }
                    break;
                case 5:
                    lists.append(ControlList(list));
                    break;
                default:
                    lists[random.bounded(lists.size())] = list;
                }
                for (const ControlList &each : std::as_const(lists)) {
                    QVERIFY(isRight(each));
                }
            }
        }
    }

    void movingSharesTheIndex()
    {
        ControlList list;
        list.append(control(1, 0, 0, 0));
        list.append(control(2, 0, 0, 1));
        const ControlIndex *index = &list.index();
        ControlList moved = list;
        Control away = moved.at(0);
        away.place.translate(8, 8);
        moved.replace(0, away);
        QCOMPARE(&moved.index(), index);
        away.container = 7;
        moved.replace(0, away);
        QVERIFY(&moved.index() != index);
        QVERIFY(isRight(moved) && isRight(list));
    }

    // Several threads may be the first to ask one list.
    void threadsAskAtOnce()
    {
        for (int run = 0; run < 50; ++run) {
            ControlList list;
            for (int id = 1; id <= 40; ++id) {
                list.append(control(id, id > 20 ? 1 : 0, 0, 0));
            }
            std::vector<std::thread> threads;
            std::atomic<int> found = 0;
            for (int i = 0; i < 4; ++i) {
                threads.emplace_back([&] { found += isRight(list) ? 1 : 0; });
            }
            for (std::thread &thread : threads) {
                thread.join();
            }
            QCOMPARE(found.load(), 4);
        }
    }
};

QTEST_APPLESS_MAIN(TestControlList)
#include "tst_control_list.moc"
