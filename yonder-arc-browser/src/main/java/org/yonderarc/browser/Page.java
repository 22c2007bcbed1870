package org.yonderarc.browser;

import org.teavm.jso.JSBody;
import org.teavm.jso.JSFunctor;
import org.teavm.jso.JSObject;
import org.teavm.jso.dom.html.HTMLElement;
import org.teavm.jso.dom.xml.Element;

/** What the prototype needs of the browser, each in one line. */
final class Page {
    private Page() {}

    /** Something to run later. */
    @JSFunctor
    interface Callback extends JSObject {
        void run();
    }

    /** Told the time of a frame, in ms. */
    @JSFunctor
    interface FrameCallback extends JSObject {
        void run(double now);
    }

    /** Told what a pointer or the keyboard's focus is on: "hover", "pressed" or "focused", and the item's key. */
    @JSFunctor
    interface TouchCallback extends JSObject {
        void run(String state, String key);
    }

    /** Watches an element; the key is that of the item that it shows. */
    @JSBody(
            params = {"element", "key", "told"},
            script = "element.addEventListener('pointerenter', function(e) {"
                    + " if (e.pointerType === 'mouse') { told('hover', key); } });"
                    + "element.addEventListener('pointerleave', function() { told('hover', ''); told('pressed', ''); });"
                    + "element.addEventListener('pointerdown', function() { told('pressed', key); });"
                    + "element.addEventListener('pointerup', function() { told('pressed', ''); });"
                    + "element.addEventListener('pointercancel', function() { told('pressed', ''); });")
    static native void watch(HTMLElement element, String key, TouchCallback told);

    /** Asked whether a swipe begins where a finger came down, and by how much it has moved since. */
    @JSFunctor
    interface SwipeBegin extends JSObject {
        boolean run(double x, double dx);
    }

    /** Told how far a finger has moved, and when, in ms. */
    @JSFunctor
    interface SwipeMove extends JSObject {
        void run(double dx, double now);
    }

    /** Told that a finger was lifted, or taken away by the browser. */
    @JSFunctor
    interface SwipeEnd extends JSObject {
        void run(double now, boolean counts);
    }

    // Names are longer than a letter: the compiler shortens those of the parameters, and doesn't look for clashes.
    /** Watches fingers, pens and the mouse for swipes. What ends as a swipe is no click. */
    @JSBody(
            params = {"element", "slop", "begin", "move", "end"},
            script = "var pointer = null, startX, startY, on = false;"
                    + "element.addEventListener('dragstart', function(event) { event.preventDefault(); });"
                    + "element.addEventListener('pointerdown', function(event) {"
                    + " if (event.isPrimary && event.button === 0) { pointer = event.pointerId; startX = event.clientX; startY = event.clientY; on = false; }"
                    + "}, true);"
                    + "element.addEventListener('pointermove', function(event) {"
                    + " if (event.pointerId !== pointer) { return; }"
                    + " var dx = event.clientX - startX, dy = event.clientY - startY;"
                    + " if (!on) {"
                    + "  if (Math.abs(dx) < slop && Math.abs(dy) < slop) { return; }"
                    + "  on = Math.abs(dx) > Math.abs(dy) && begin(startX - element.getBoundingClientRect().left, dx);"
                    + "  if (!on) { pointer = null; return; }"
                    + "  element.setPointerCapture(pointer);"
                    + " }"
                    + " move(dx, event.timeStamp);"
                    + "});"
                    + "var stop = function(event, counts) {"
                    + " if (event.pointerId !== pointer) { return; }"
                    + " pointer = null;"
                    + " if (on) {"
                    + "  on = false;"
                    + "  var hold = function(click) { click.preventDefault(); click.stopPropagation(); };"
                    + "  element.addEventListener('click', hold, true);"
                    + "  setTimeout(function() { element.removeEventListener('click', hold, true); }, 0);"
                    + "  end(event.timeStamp, counts);"
                    + " }"
                    + "};"
                    + "element.addEventListener('pointerup', function(event) { stop(event, true); });"
                    + "element.addEventListener('pointercancel', function(event) { stop(event, false); });")
    static native void onSwipe(HTMLElement element, double slop, SwipeBegin begin, SwipeMove move, SwipeEnd end);

    @JSBody(
            params = "then",
            script = "document.addEventListener('keydown', function(e) { if (e.key === 'Escape') { then(); } });")
    static native void onEscape(Callback then);

    @JSBody(params = "then", script = "requestAnimationFrame(function(now) { then(now); });")
    static native void onFrame(FrameCallback then);

    /** Told whenever something within an element is scrolled. */
    @JSBody(
            params = {"element", "then"},
            script = "element.addEventListener('scroll', function() { then(); }, true);")
    static native void onScroll(HTMLElement element, Callback then);

    /** Runs something when the browser has nothing else to do. */
    @JSBody(
            params = "then",
            script = "(window.requestIdleCallback || function(later) { setTimeout(later, 50); })("
                    + "function() { then(); });")
    static native void whenIdle(Callback then);

    @JSBody(script = "return performance.now();")
    static native double now();

    @JSBody(script = "return document.hidden;")
    static native boolean isHidden();

    @JSBody(script = "return matchMedia('(prefers-reduced-motion: reduce)').matches;")
    static native boolean wantsLessMotion();

    /** Told the number of a history entry, or -1 where the entry has none. */
    @JSFunctor
    interface EntryCallback extends JSObject {
        void run(int entry);
    }

    @JSBody(
            params = "then",
            script = "var go = function() { then(); };"
                    + "Promise.all([document.fonts.load('400 16px Inter'), document.fonts.load('600 16px Inter')])"
                    + ".then(go, go);")
    static native void whenFontsAreLoaded(Callback then);

    /** The address behind the number sign, as it stands in the address bar. */
    @JSBody(script = "return location.hash.substring(1);")
    static native String address();

    /** The number of the current history entry, or -1. */
    @JSBody(script = "return history.state && typeof history.state.entry === 'number' ? history.state.entry : -1;")
    static native int entry();

    @JSBody(
            params = {"entry", "address"},
            script = "history.pushState({entry: entry}, '', '#' + address);")
    static native void push(int entry, String address);

    @JSBody(
            params = {"entry", "address"},
            script = "history.replaceState({entry: entry}, '', '#' + address);")
    static native void replace(int entry, String address);

    @JSBody(script = "history.back();")
    static native void back();

    @JSBody(
            params = "told",
            script = "window.addEventListener('popstate', function(event) {"
                    + "told(event.state && typeof event.state.entry === 'number' ? event.state.entry : -1); });")
    static native void onPop(EntryCallback told);

    @JSBody(params = "then", script = "window.addEventListener('resize', function() { then(); });")
    static native void onResize(Callback then);

    @JSBody(
            params = "then",
            script = "matchMedia('(prefers-color-scheme: dark)').addEventListener('change', function() { then(); });")
    static native void onSchemeChange(Callback then);

    /** The name of the device that is chosen in the panel; empty for the window itself. */
    @JSBody(script = "return document.getElementById('device-name').value;")
    static native String chosenDevice();

    /** How much larger texts are than usual, as chosen in the panel. */
    @JSBody(script = "return parseFloat(document.getElementById('text-size').value);")
    static native double chosenText();

    /** The language that is chosen in the panel; empty where the plan has only one. */
    @JSBody(script = "return document.getElementById('language').value;")
    static native String chosenLanguage();

    @JSBody(
            params = "then",
            script = "['device-name', 'text-size', 'language'].forEach(function(id) {"
                    + " document.getElementById(id).addEventListener('change', function() { then(); }); });")
    static native void onDeviceChange(Callback then);

    @JSBody(script = "return matchMedia('(pointer: fine)').matches;")
    static native boolean pointsFinely();

    @JSBody(script = "return matchMedia('(prefers-color-scheme: dark)').matches;")
    static native boolean prefersDark();

    @JSBody(params = "element", script = "element.focus({preventScroll: true});")
    static native void focus(HTMLElement element);

    @JSBody(script = "return document.activeElement === document.body || document.activeElement === null;")
    static native boolean focusIsLost();

    @JSBody(params = "element", script = "element.scrollTo(0, 0);")
    static native void scrollToTop(HTMLElement element);

    /** Sets a property of an element's style, if it is another than before: most of a frame is as it was in the last. */
    @JSBody(
            params = {"element", "property", "value"},
            script = "var set = element.yonderStyle || (element.yonderStyle = {});"
                    + "if (set[property] !== value) { set[property] = value;"
                    + " element.style.setProperty(property, value); }")
    static native void style(Element element, String property, String value);

    /** The picture of the plan with this name, as an address of its own; empty where the page has none. */
    @JSBody(
            params = "file",
            script = "var all = window.yonderPictures || (window.yonderPictures ="
                    + " JSON.parse(document.getElementById('pictures').textContent)); return all[file] || '';")
    static native String picture(String file);

    /** Opens a web address beside the page. The check lets no address through that could run code. */
    @JSBody(params = "address", script = "window.open(address, '_blank', 'noopener');")
    static native void open(String address);
}
