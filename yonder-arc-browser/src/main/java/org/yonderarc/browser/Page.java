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

    /** Told what a pointer does: "down", "move", "up", "cancel" or "leave", where, and which. */
    @JSFunctor
    interface PointerCallback extends JSObject {
        void run(String what, int id, double x, double y, boolean main, boolean touches);
    }

    /** Told the path of an element; empty for none. */
    @JSFunctor
    interface PathCallback extends JSObject {
        void run(String path);
    }

    /** Told a key by its name; gives whether it was used. */
    @JSFunctor
    interface KeyCallback extends JSObject {
        boolean run(String key, boolean shift);
    }

    /** Told how far an element is scrolled. */
    @JSFunctor
    interface ScrollCallback extends JSObject {
        void run(String path, double across, double down);
    }

    /** What the painter calls an element. */
    @JSBody(
            params = {"element", "path"},
            script = "element.yonderPath = path;")
    static native void name(Element element, String path);

    // Names are longer than a letter: the compiler shortens those of the parameters, and doesn't look for clashes.
    /**
     * Watches pointers, in px of the element as it is before it is scaled. A pointer that came down is followed wherever it goes. What a
     * pointer did has been told when the click comes, so a click is only told where there was none: from a key, or from assistive
     * technology. With a modifier key the browser opens a tab of its own.
     */
    @JSBody(
            params = {"element", "told", "chosen"},
            script =
                    "var held = null, done = false;"
                            + "var tell = function(what, event) {"
                            + " var box = element.getBoundingClientRect(), scale = box.width / (element.offsetWidth || 1) || 1;"
                            + " told(what, event.pointerId, (event.clientX - box.left) / scale, (event.clientY - box.top) / scale,"
                            + "  event.button <= 0, event.pointerType === 'touch'); };"
                            + "var isNative = function(event) { return event.ctrlKey || event.metaKey || event.shiftKey || event.altKey; };"
                            + "element.addEventListener('dragstart', function(event) { event.preventDefault(); });"
                            + "element.addEventListener('pointerdown', function(event) {"
                            + " if (isNative(event)) { return; }"
                            + " done = false; held = event.pointerId; tell('down', event); });"
                            // Held on an item, a finger is told its name; the browser's own menu would take the finger
                            // away.
                            + "element.addEventListener('contextmenu', function(event) {"
                            + " if (event.pointerType === 'touch') { event.preventDefault(); } });"
                            + "window.addEventListener('pointermove', function(event) {"
                            + " if (held === event.pointerId || event.pointerType === 'mouse' && element.contains(event.target)) { tell('move', event); } });"
                            + "window.addEventListener('pointerup', function(event) {"
                            + " if (held === event.pointerId) { held = null; done = element.contains(event.target); tell('up', event); } });"
                            + "window.addEventListener('pointercancel', function(event) {"
                            + " if (held === event.pointerId) { held = null; tell('cancel', event); } });"
                            + "element.addEventListener('pointerleave', function(event) {"
                            + " if (event.pointerType === 'mouse') { tell('leave', event); } });"
                            + "element.addEventListener('click', function(event) {"
                            + " if (isNative(event)) { return; }"
                            + " event.preventDefault();"
                            + " if (done && event.detail > 0) { done = false; return; }"
                            + " for (var at = event.target; at && at !== element; at = at.parentElement) {"
                            + "  if (at.tagName === 'A' || at.tagName === 'BUTTON') { chosen(at.yonderPath || ''); return; } } });")
    static native void onPointer(HTMLElement element, PointerCallback told, PathCallback chosen);

    /** Sets what a field holds; where it does, its caret stays. */
    @JSBody(
            params = {"element", "text"},
            script = "if (element.value !== text) { element.value = text; }")
    static native void value(Element element, String text);

    /** Told what a field holds. */
    @JSFunctor
    interface FillCallback extends JSObject {
        void run(String path, String text);
    }

    /** Told whenever something is typed within an element. */
    @JSBody(
            params = {"element", "told"},
            script = "element.addEventListener('input', function(event) {"
                    + " if (event.target.yonderPath) { told(event.target.yonderPath, event.target.value); } });")
    static native void onFill(HTMLElement element, FillCallback told);

    /** Watches the browser's focus. */
    @JSBody(
            params = {"element", "told"},
            script = "element.addEventListener('focusin', function(event) { told(event.target.yonderPath || ''); });"
                    + "element.addEventListener('focusout', function(event) {"
                    + " if (!event.relatedTarget || !element.contains(event.relatedTarget)) { told(''); } });")
    static native void onFocus(HTMLElement element, PathCallback told);

    /** Watches keys, wherever the focus is; a key that is used does nothing else. */
    @JSBody(
            params = "used",
            script = "document.addEventListener('keydown', function(event) {"
                    + " if (used(event.key, event.shiftKey)) { event.preventDefault(); } });")
    static native void onKey(KeyCallback used);

    @JSBody(params = "then", script = "requestAnimationFrame(function(now) { then(now); });")
    static native void onFrame(FrameCallback then);

    /** Told whenever something within an element is scrolled. */
    @JSBody(
            params = {"element", "told"},
            script =
                    "element.addEventListener('scroll', function(event) {"
                            + " if (event.target.yonderPath) { told(event.target.yonderPath, event.target.scrollLeft, event.target.scrollTop); } }, true);")
    static native void onScroll(HTMLElement element, ScrollCallback told);

    @JSBody(script = "return performance.now();")
    static native double now();

    /** Runs something after so many ms. */
    @JSBody(
            params = {"ms", "then"},
            script = "setTimeout(function() { then(); }, ms);")
    static native void later(double ms, Callback then);

    @JSBody(script = "return document.hidden;")
    static native boolean isHidden();

    @JSBody(script = "return matchMedia('(prefers-reduced-motion: reduce)').matches;")
    static native boolean wantsLessMotion();

    @JSBody(script = "return matchMedia('(prefers-contrast: more)').matches;")
    static native boolean wantsMoreContrast();

    /** Told the number of a history entry, or -1 where the entry has none. */
    @JSFunctor
    interface EntryCallback extends JSObject {
        void run(int entry);
    }

    /** In a task of its own, so that the page answers in between. */
    @JSBody(
            params = "then",
            script = "var go = function() { setTimeout(function() { then(); }, 0); };"
                    + "Promise.all(Array.from(document.fonts).map(function(font) { return font.load(); }))"
                    + ".then(go, go);")
    static native void whenFontsAreLoaded(Callback then);

    /** The address behind the number sign, as it stands in the address bar. */
    @JSBody(script = "return location.hash.substring(1);")
    static native String address();

    /** The number of the current history entry, or -1. A page within another may have no history of its own. */
    @JSBody(
            script =
                    "try { return history.state && typeof history.state.entry === 'number' ? history.state.entry : -1; }"
                            + " catch (denied) { return -1; }")
    static native int entry();

    /** What was saved with the current history entry; empty for nothing. */
    @JSBody(script = "try { return history.state && history.state.view || ''; } catch (denied) { return ''; }")
    static native String saved();

    @JSBody(
            params = {"entry", "address", "view"},
            script = "try { history.pushState({entry: entry, view: view}, '', '#' + address); } catch (denied) {}")
    static native void push(int entry, String address, String view);

    @JSBody(
            params = {"entry", "address", "view"},
            script = "try { history.replaceState({entry: entry, view: view}, '', '#' + address); } catch (denied) {}")
    static native void replace(int entry, String address, String view);

    /** Whether the page has a history of its own: one within another that is written out has none. */
    @JSBody(script = "return location.protocol !== 'about:';")
    static native boolean hasHistory();

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

    /** Whether people point with a finger; a window without any pointer is not touched. */
    @JSBody(script = "return matchMedia('(pointer: coarse)').matches;")
    static native boolean isTouched();

    @JSBody(script = "return matchMedia('(prefers-color-scheme: dark)').matches;")
    static native boolean prefersDark();

    @JSBody(params = "element", script = "element.focus({preventScroll: true});")
    static native void focus(HTMLElement element);

    @JSBody(
            params = {"element", "to"},
            script = "if (Math.abs(element.scrollTop - to) >= 1) { element.scrollTop = to; }"
                    + " return Math.abs(element.scrollTop - to) < 1;")
    static native boolean scrollTo(Element element, double to);

    /** What the page says in its language, {@code {0}} replaced. */
    static String word(String key, String with) {
        return word(key).replace("{0}", with);
    }

    @JSBody(
            params = "key",
            script =
                    "var words = window.yonderWords || (window.yonderWords = JSON.parse(document.getElementById('words').textContent));"
                            + "return words[key];")
    static native String word(String key);

    @JSBody(params = "dialog", script = "dialog.showModal();")
    static native void open(HTMLElement dialog);

    @JSBody(params = "dialog", script = "dialog.close();")
    static native void close(HTMLElement dialog);

    /** Says which of the links of a map is where the person is, and has it in view. */
    @JSBody(
            params = {"map", "screen"},
            script = "map.querySelectorAll('[data-screen]').forEach(function(link) {"
                    + " if (link.dataset.screen === screen) { link.setAttribute('aria-current', 'page'); link.scrollIntoView({block: 'center', inline: 'center'}); }"
                    + " else { link.removeAttribute('aria-current'); } });")
    static native void mark(HTMLElement map, String screen);

    /** Told the address of a link that is followed. */
    @JSFunctor
    interface AddressCallback extends JSObject {
        void follow(String address);
    }

    @JSBody(
            params = {"map", "told"},
            script = "map.addEventListener('click', function(event) {"
                    + " if (event.target.dataset.address !== undefined) {"
                    + " event.preventDefault(); told(event.target.dataset.address); } });")
    static native void onAddress(HTMLElement map, AddressCallback told);

    /** Leaves a list its first option only. */
    @JSBody(params = "element", script = "while (element.options.length > 1) { element.remove(1); }")
    static native void keepFirst(HTMLElement element);

    /** Hides an element, or shows it. */
    @JSBody(
            params = {"element", "hides"},
            script = "element.hidden = hides;")
    static native void hide(HTMLElement element, boolean hides);

    /** Chooses an option of a list, where it has it. */
    @JSBody(
            params = {"element", "value"},
            script = "element.value = value;" + "if (element.selectedIndex < 0) { element.selectedIndex = 0; }")
    static native void choose(HTMLElement element, String value);

    @JSBody(params = "element", script = "return element.contains(document.activeElement);")
    static native boolean holdsFocus(HTMLElement element);

    @JSBody(script = "location.reload();")
    static native void reload();

    /** One of the insets that the hardware claims, in px: "top", "right", "bottom" or "left". */
    @JSBody(
            params = "side",
            script = "return parseFloat(getComputedStyle(document.getElementById('safe'))['padding-' + side]) || 0;")
    static native double inset(String side);

    @JSBody(
            params = {"element", "name"},
            script = "return element.classList.contains(name);")
    static native boolean hasClass(HTMLElement element, String name);

    @JSBody(
            params = {"element", "name", "on"},
            script = "element.classList.toggle(name, on);")
    static native void toggle(HTMLElement element, String name, boolean on);

    /** Told whether something was done. */
    @JSFunctor
    interface DoneCallback extends JSObject {
        void run(boolean done);
    }

    /** Puts a text where it can be pasted elsewhere; in a page that has no access to the clipboard, as people did before there was one. */
    @JSBody(
            params = {"text", "told"},
            script = "var select = function() {"
                    + " var field = document.createElement('textarea'), on = document.activeElement; field.value = text;"
                    + " field.style.position = 'fixed'; document.body.appendChild(field); field.select();"
                    + " var done = false; try { done = document.execCommand('copy'); } catch (denied) {}"
                    + " field.remove(); if (on) { on.focus(); } told(done); };"
                    + "if (navigator.clipboard) { navigator.clipboard.writeText(text).then(function() { told(true); }, select); }"
                    + " else { select(); }")
    static native void copy(String text, DoneCallback told);

    /** Lets an element at the edge be dragged up and down out of the way; what was dragged is not clicked. */
    @JSBody(
            params = "element",
            script = "var from = null, moved = false;"
                    + "element.addEventListener('pointerdown', function(event) {"
                    + " from = event.clientY - element.offsetTop; moved = false; });"
                    + "window.addEventListener('pointermove', function(event) {"
                    + " if (from === null) { return; }"
                    + " var top = event.clientY - from; moved = moved || Math.abs(top - element.offsetTop) > 8;"
                    + " if (moved) { var most = innerHeight - element.offsetHeight;"
                    + "  element.style.setProperty('--dragged', Math.max(0, Math.min(most, top)) + 'px'); } });"
                    + "['pointerup', 'pointercancel'].forEach(function(what) { window.addEventListener(what, function() { from = null; }); });"
                    + "element.addEventListener('click', function(event) {"
                    + " if (moved) { moved = false; event.stopImmediatePropagation(); } }, true);")
    static native void letMove(HTMLElement element);

    /** Told when something has been scrolled for a while, and rests. */
    @JSBody(
            params = "then",
            script = "var timer = 0; document.addEventListener('scroll', function() {"
                    + " clearTimeout(timer); timer = setTimeout(function() { then(); }, 100); }, true);")
    static native void onScrolled(Callback then);

    /** Told before the page is printed, and after. */
    @JSBody(
            params = {"before", "after"},
            script = "window.addEventListener('beforeprint', function() { before(); });"
                    + "window.addEventListener('afterprint', function() { after(); });")
    static native void onPrint(Callback before, Callback after);

    /** The address of the page, but for what comes behind the number sign. */
    @JSBody(script = "return location.href.split('#')[0];")
    static native String base();

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
