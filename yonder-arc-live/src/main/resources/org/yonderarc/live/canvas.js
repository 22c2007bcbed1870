// What lies over the app: what is under the pointer, what is chosen, and dragging it to another place.
import {byId} from './dom.js';
import * as model from './model.js';

const FAR = 5;

export class Canvas {
  constructor(page) {
    this.page = page;
    this.veil = byId('veil');
    this.held = undefined;
    this.veil.addEventListener('pointermove', event => this.move(event));
    this.veil.addEventListener('pointerleave', () => this.frame(byId('hovered'), []));
    this.veil.addEventListener('pointerdown', event => this.down(event));
    this.veil.addEventListener('pointerup', event => this.up(event));
    this.veil.addEventListener('pointercancel', () => this.drop());
    this.veil.addEventListener('dblclick', () => byId('mode-play').click());
    this.veil.addEventListener('wheel', event => this.wheel(event), {passive: true});
  }

  /** The element of the app at a point, with its device. */
  under(event) {
    const all = document.elementsFromPoint(event.clientX, event.clientY);
    for (const element of all) {
      const device = element.closest?.('.device');
      if (!device) { continue; }
      for (let at = element; at && at !== device; at = at.parentElement) {
        if (at.yonderPath) { return {device, path: at.yonderPath}; }
      }
    }
    return undefined;
  }

  thing(event) {
    const found = this.under(event);
    return found && window.yonderApp ? {...found, thing: window.yonderApp.thing(found.device, found.path)} : undefined;
  }

  move(event) {
    const found = this.thing(event);
    if (this.held) {
      if (Math.hypot(event.clientX - this.held.x, event.clientY - this.held.y) > FAR) { this.held.drags = true; }
      if (this.held.drags) { this.over(found, event); }
      return;
    }
    this.frame(byId('hovered'), found?.thing ? this.boxes(found.thing, found.device).slice(0, 1) : []);
  }

  down(event) {
    if (event.button > 0) { return; }
    const found = this.thing(event);
    if (!found?.thing) { return; }
    this.held = {thing: found.thing, device: found.device, x: event.clientX, y: event.clientY};
    this.veil.setPointerCapture(event.pointerId);
    this.page.choose(found.thing, {from: 'canvas'});
  }

  up() {
    const held = this.held;
    const gap = this.gap;
    this.drop();
    if (held?.drags && gap) {
      this.page.act({do: 'move', thing: held.thing, to: gap.list, before: gap.before}, {then: held.thing});
    }
  }

  drop() {
    this.held = undefined;
    this.gap = undefined;
    byId('gap').classList.remove('shown');
  }

  /** Shows where a dragged item would go: before or behind the one that the pointer is on. */
  over(found, event) {
    const [word] = model.named(this.held.thing);
    const target = found?.thing;
    byId('gap').classList.remove('shown');
    this.gap = undefined;
    if (word !== 'item' && word !== 'row' || !target?.startsWith(word + ':') || target === this.held.thing) { return; }
    const place = this.place(target);
    const box = this.boxes(target, found.device)[0];
    if (!place || !box) { return; }
    const siblings = place.siblings;
    const next = siblings[siblings.indexOf(target) + 1];
    const nextBox = next && this.boxes(next, found.device)[0];
    const isColumn = nextBox ? nextBox.top >= box.bottom - 2 : word === 'row' || box.width > 2.2 * box.height;
    const isBehind = isColumn ? event.clientY > box.top + box.height / 2 : event.clientX > box.left + box.width / 2;
    this.gap = {list: place.list, before: isBehind ? next ?? '' : target};
    const line = isColumn
      ? {left: box.left, top: (isBehind ? box.bottom : box.top) - 1.5, width: box.width, height: 3}
      : {left: (isBehind ? box.right : box.left) - 1.5, top: box.top, width: 3, height: box.height};
    this.put(byId('gap'), line);
  }

  place(thing) {
    const [word, id] = model.named(thing);
    if (word === 'row') {
      const screen = id.slice(0, id.lastIndexOf('/'));
      return {list: 'rows:' + screen, siblings: model.wireframe(screen).rows.map((row, index) => `row:${screen}/${index}`)};
    }
    const all = model.allLines();
    const found = all.find(line => line.thing === thing);
    return found && {list: found.list, siblings: all.filter(line => line.list === found.list).map(line => line.thing)};
  }

  wheel(event) {
    const found = this.under(event);
    const scrolls = found && [...found.device.querySelectorAll('*')].find(one =>
      one.scrollHeight > one.clientHeight + 1 && ['auto', 'scroll'].includes(getComputedStyle(one).overflowY));
    if (scrolls) { scrolls.scrollTop += event.deltaY; this.draw(); }
  }

  choose(thing) {
    this.chosen = thing;
    this.draw();
  }

  draw() {
    const device = document.querySelector('.device');
    this.frame(byId('chosen'), this.chosen && device && window.yonderApp ? this.boxes(this.chosen, device).slice(0, 1) : []);
  }

  /** Where a thing shows on a device, in px of the window. */
  boxes(thing, device) {
    const paths = window.yonderApp.paths(device, thing).split('\n').filter(Boolean);
    const around = device.getBoundingClientRect();
    const found = [];
    for (const element of device.querySelectorAll('*')) {
      if (paths.includes(element.yonderPath)) {
        const box = element.getBoundingClientRect();
        if (box.width && box.height && box.bottom > around.top && box.top < around.bottom) { found.push(box); }
      }
    }
    return found;
  }

  frame(element, boxes) {
    if (!boxes.length) { element.classList.remove('shown'); return; }
    const left = Math.min(...boxes.map(box => box.left));
    const top = Math.min(...boxes.map(box => box.top));
    const right = Math.max(...boxes.map(box => box.right));
    const bottom = Math.max(...boxes.map(box => box.bottom));
    // A frame right at letters runs into them.
    const room = bottom - top < 24 ? 4 : 0;
    this.put(element, {left: left - room, top: top - room, width: right - left + 2 * room, height: bottom - top + 2 * room});
  }

  put(element, box) {
    const around = this.veil.getBoundingClientRect();
    Object.assign(element.style, {
      left: `${box.left - around.left}px`, top: `${box.top - around.top}px`, width: `${box.width}px`, height: `${box.height}px`});
    element.classList.add('shown');
  }
}
