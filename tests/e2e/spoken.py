"""Looks at a form at work as a screen reader does, and drives it by real keys."""
import subprocess
import sys
import time

import pyatspi

WAIT = 20  # seconds at most for anything


def fail(words):
    print("FAIL:", words)
    sys.exit(1)


def until(what, find):
    """The first thing that find() gives, looked for again and again."""
    end = time.time() + WAIT
    while time.time() < end:
        try:
            found = find()
        except Exception:  # what is looked at may go meanwhile
            found = None
        if found:
            return found
        time.sleep(0.1)
    fail(f"never there: {what}")


def things(thing):
    yield thing
    for i in range(thing.childCount):
        child = thing.getChildAtIndex(i)
        if child is not None:
            yield from things(child)


def application():
    desktop = pyatspi.Registry.getDesktop(0)
    for i in range(desktop.childCount):
        app = desktop.getChildAtIndex(i)
        if app is not None and app.name.lower().startswith("nabblet"):
            return app
    return None


def keys(*names):
    for name in names:
        subprocess.run(["xdotool", "key", "--clearmodifiers", name], check=True)


app = until("the program", application)


def box(name):
    for thing in things(app):
        if thing.getRoleName() in ("text", "entry") and thing.name == name:
            return thing
    return None


def said(words):
    """Somewhere it is told, by the name of the status line."""
    return next((t.name for t in things(app) if t.getRoleName() == "status bar" and words in t.name), None)


name = until("the box “Name”", lambda: box("Name"))
until("that it is needed", lambda: "needed" in box("Name").description)
if "text box" not in box("Name").description:
    fail(f"its kind is not told: {box('Name').description}")
until("that it has the keyboard", lambda: box("Name").getState().contains(pyatspi.STATE_FOCUSED))

# A refusal is told at the box and in the status line.
keys("ctrl+a", "Delete", "ctrl+s")
until("the refusal at the box", lambda: "is needed" in box("Name").description)
until("the refusal in the status line", lambda: said("Not saved"))

# So is what was saved, and what is looked for.
subprocess.run(["xdotool", "type", "--delay", "20", "Told aloud"], check=True)
keys("ctrl+s")
until("that it was saved", lambda: said("Saved"))
if "is needed" in box("Name").description:
    fail("the refusal is still told")
keys("ctrl+F3")
until("the question", lambda: next((t for t in things(app) if t.name == "The form as the question"), None))
names = [t for t in things(app) if t.name == "Name" and t.getRoleName() in ("text", "entry")]
if sum(1 for t in names if t.getState().contains(pyatspi.STATE_SHOWING)) != 1:
    fail("the form under the question is told as well")
keys("Escape")
until("the form again", lambda: box("Name") and "needed" in box("Name").description)
print("told: names, kinds, what is needed, refusals, what was saved")
