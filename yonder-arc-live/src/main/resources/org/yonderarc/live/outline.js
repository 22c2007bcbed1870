// The outline of the plan: screens, menus, bars, looks, facts. One tree, by mouse and by keyboard.
import {el, sign, icon, tool, slug, sheet, closeSheet} from './dom.js';
import * as model from './model.js';
import {say} from './words.js';

export class Outline {
  constructor(root, page) {
    this.root = root;
    this.page = page;
    this.lines = [];
    root.addEventListener('keydown', event => this.key(event));
  }

  refresh() {
    const hadFocus = this.root.contains(document.activeElement);
    const scrolled = this.root.scrollTop;
    this.lines = [];
    const parts = [
      this.group(say('group-app'), undefined, [this.line('app', 0, sign('device-mobile'))]),
      ...model.menus().map(menu => this.group(say('group-menu', menu), () => this.addItem(menu), this.menu(menu), say('add-item-to-menu', menu))),
      this.group(say('group-screens'), () => this.addScreen(), this.screens('', 0), say('add-screen')),
      this.group(say('group-bars'), () => this.addBar(), model.bars().map(bar => this.line('bar:' + model.barId(bar), 0, sign('layout-bottombar'), this.formOf(bar))), say('add-bar')),
      this.group(say('group-looks'), () => this.addStyle(), [
        this.line('theme', 0, sign('palette')), this.line('motion', 0, sign('bolt')),
        ...Object.keys(model.whole().styles ?? {}).map(id => this.line('style:' + id, 0, sign('palette')))], say('add-style')),
      this.group(say('group-facts'), () => this.addFact(), Object.entries(model.whole().facts ?? {}).map(([id, fact]) =>
        this.line('fact:' + id, 0, sign('list'), String(typeof fact === 'object' ? Array.isArray(fact) ? fact.length === 1 ? say('one-entry') : say('many-entries', fact.length) : fact.value : fact))), say('add-fact'))
    ];
    this.root.replaceChildren(...parts.flat());
    this.root.scrollTop = scrolled;
    if (hadFocus) { this.choose(this.page.chosen, {focus: true}); }
  }

  /** All that can be chosen, as [thing, what it is called]. */
  things() {
    return this.lines.map(({thing}) => [thing, say('noun-and-title', model.noun(model.named(thing)[0]), model.title(thing, this.page.language))]);
  }

  group(name, adds, lines, add) {
    return [
      el('div', {className: 'group'}, name, adds ? tool('plus', add, adds) : ''),
      el('ul', {role: 'tree', 'aria-label': name}, lines)];
  }

  line(thing, depth, mark, aside, place) {
    const name = model.title(thing, this.page.language);
    const line = el('li', {
      role: 'treeitem', className: 'entry', tabIndex: -1, 'aria-level': depth + 1, 'aria-selected': 'false',
      style: `--depth:${depth}`, draggable: Boolean(place) || thing.startsWith('screen:'),
      onclick: () => this.page.choose(thing, {from: 'outline'})
    }, mark, el('span', {className: 'name'}, name || say('no-name')), aside ? el('span', {className: 'aside'}, aside) : '');
    line.dataset.thing = thing;
    this.lines.push({thing, line, place});
    this.drags(line, thing, place);
    return line;
  }

  menu(menu) {
    return model.lines(menu).map(one => {
      const inner = one.list.startsWith('section:');
      const isSection = one.thing.startsWith('section:');
      return this.line(one.thing, inner ? 1 : 0, isSection ? sign('section') : icon(model.iconOf(one.value)),
        isSection ? '' : one.value.badge ? '●' : '', one);
    });
  }

  screens(above, depth) {
    const all = Object.entries(model.whole().screens ?? {});
    return all.filter(([, screen]) => (screen?.under ?? '') === above).flatMap(([id, screen]) => [
      // An id that follows from the title says nothing more; one without an icon keeps its place in the column.
      this.line('screen:' + id, depth, screen?.icon ? icon(screen.icon) : sign('square-rounded'), slug(model.title('screen:' + id)) === id ? '' : id),
      ...this.screens(id, depth + 1)]);
  }

  formOf(bar) {
    if (typeof bar === 'string') { return ''; }
    return bar.forms ? [...new Set(Object.values(bar.forms).map(one => one.form ?? one))].join(', ') : bar.form ?? '';
  }

  choose(thing, how = {}) {
    for (const {thing: one, line} of this.lines) {
      const is = one === thing;
      line.setAttribute('aria-selected', String(is));
      line.tabIndex = is ? 0 : -1;
      if (is) {
        if (how.focus) { line.focus({preventScroll: true}); }
        if (how.from !== 'outline') { line.scrollIntoView({block: 'nearest'}); }
      }
    }
    if (!this.lines.some(({thing: one}) => one === thing) && this.lines[0]) { this.lines[0].line.tabIndex = 0; }
  }

  key(event) {
    const at = this.lines.findIndex(({line}) => line === document.activeElement);
    if (at < 0) { return; }
    const current = this.lines[at];
    const step = {ArrowDown: 1, ArrowUp: -1}[event.key];
    if (step && event.altKey) {
      event.preventDefault();
      this.page.moveBy(current.thing, step);
    } else if (step) {
      event.preventDefault();
      const next = this.lines[at + step];
      if (next) { this.page.choose(next.thing, {from: 'outline'}); next.line.focus(); }
    } else if (event.key === 'Home' || event.key === 'End') {
      event.preventDefault();
      const next = this.lines[event.key === 'Home' ? 0 : this.lines.length - 1];
      this.page.choose(next.thing, {from: 'outline'});
      next.line.focus();
    } else if (event.key === 'Delete') {
      event.preventDefault();
      this.page.remove(current.thing);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      this.page.choose(current.thing, {from: 'outline'});
    }
  }

  /** An item is dropped between others, into a section, or onto a screen, to which it leads then. */
  drags(line, thing, place) {
    line.addEventListener('dragstart', event => {
      this.dragged = thing;
      line.classList.add('dragged');
      event.dataTransfer.setData('text/plain', thing);
      event.dataTransfer.effectAllowed = 'move';
    });
    line.addEventListener('dragend', () => {
      line.classList.remove('dragged');
      this.dragged = undefined;
      this.mark();
    });
    line.addEventListener('dragover', event => {
      const how = this.drop(thing, place);
      if (how) { event.preventDefault(); this.mark(line, how.look); }
    });
    line.addEventListener('dragleave', () => this.mark());
    line.addEventListener('drop', event => {
      const how = this.drop(thing, place);
      event.preventDefault();
      this.mark();
      if (how) { this.page.act(how.operation, how.how); }
    });
  }

  drop(onto, place) {
    const dragged = this.dragged;
    if (!dragged || dragged === onto) { return undefined; }
    const isItem = dragged.startsWith('item:');
    const isLine = isItem || dragged.startsWith('section:');
    if (isItem && onto.startsWith('screen:')) {
      return {look: 'link', operation: {do: 'target', thing: dragged, kind: 'screen', value: onto.slice(7)}};
    }
    if (dragged.startsWith('screen:') && onto.startsWith('item:')) {
      return {look: 'link', operation: {do: 'target', thing: onto, kind: 'screen', value: dragged.slice(7)}};
    }
    if (isItem && onto.startsWith('section:')) {
      return {look: 'within', operation: {do: 'move', thing: dragged, to: onto}};
    }
    if (isLine && place && !(dragged.startsWith('section:') && place.list.startsWith('section:'))) {
      return {look: 'before', operation: {do: 'move', thing: dragged, to: place.list, before: onto}};
    }
    if (dragged.startsWith('screen:') && onto.startsWith('screen:')) {
      return {look: 'within', operation: {do: 'put', thing: dragged, key: 'under', value: onto.slice(7)}};
    }
    return undefined;
  }

  mark(line, look) {
    this.root.querySelectorAll('.before, .within, .link').forEach(one => one.classList.remove('before', 'within', 'link'));
    line?.classList.add(look);
  }

  addScreen(then) {
    newScreen(this.page, then ? id => this.page.act(then(id), {anyway: true, then: 'item:' + id}) : undefined);
  }

  /** Another item leads to a screen that no item leads to yet, or to a new one. */
  addItem(menu) {
    const screens = Object.keys(model.whole().screens ?? {});
    const body = sheet(say('add-item'));
    const add = screen => {
      const taken = model.allLines().some(line => line.thing === 'item:' + screen);
      let id = screen;
      for (let i = 2; taken && model.valueOf('item:' + id) !== undefined; i++) { id = `${screen}-${i}`; }
      closeSheet();
      this.page.act({do: 'add', to: 'menu:' + menu, value: taken ? {screen, id} : screen}, {anyway: true, then: 'item:' + id});
    };
    body.append(
      el('p', {className: 'meaning'}, say('leads-to')),
      el('ul', {className: 'rows'}, screens.map(id => el('li', {},
        el('button', {type: 'button', className: 'push', onclick: () => add(id)}, model.title('screen:' + id))))),
      el('div', {className: 'ask'},
        el('button', {type: 'button', className: 'push', onclick: () => this.addScreen(id => [{do: 'add', to: 'menu:' + menu, value: id}])}, say('new-screen')),
        el('button', {type: 'button', className: 'push', onclick: () => this.addSection(menu)}, say('a-section')),
        el('button', {type: 'button', className: 'push', onclick: () => this.addMenu()}, say('add-menu'))));
  }

  addSection(menu) {
    const last = model.lines(menu).filter(line => line.list === 'menu:' + menu && line.thing.startsWith('item:')).pop();
    if (!last) { this.page.tell(say('section-first'), true); return; }
    askName(say('add-section'), say('its-heading'), [], title =>
      this.page.act({do: 'wrap', thing: last.thing, count: 1, heading: title}, {anyway: true, then: `section:${menu}/${last.index}`}));
  }

  addMenu() {
    askName(say('add-menu'), say('its-id'), model.menus(), (title, id) => {
      const first = Object.keys(model.whole().screens)[0];
      this.page.act({do: 'add', to: 'menus', key: id, value: [{screen: first, id: `${id}-${first}`}]}, {anyway: true});
    });
  }

  addBar() {
    const body = sheet(say('add-bar'));
    const add = value => {
      closeSheet();
      this.page.act({do: 'add', to: 'bars', value}, {anyway: true});
    };
    body.append(
      ...model.menus().map(menu => el('div', {className: 'ask'}, el('b', {}, say('menu-as', menu)), model.forms().map(form =>
        el('button', {type: 'button', className: 'push', onclick: () => add({menu, form, id: this.freeBar(`${menu}-${form}`)})}, form)))),
      ...model.formsOfTheTitle().map(form => el('div', {className: 'ask'},
        el('button', {type: 'button', className: 'push', onclick: () => add(form)}, say('bar-with-title', form)))));
  }

  freeBar(id) {
    const taken = model.bars().map(model.barId);
    let free = id;
    for (let i = 2; taken.includes(free); i++) { free = `${id}-${i}`; }
    return free;
  }

  addStyle() {
    askName(say('add-style'), say('its-name'), Object.keys(model.whole().styles ?? {}), (title, id) =>
      this.page.act({do: 'add', to: 'styles', key: id, value: {selected: {label: 'accent', icon: 'accent'}}}, {anyway: true, then: 'style:' + id}));
  }

  addFact() {
    askName(say('add-fact'), say('its-name'), Object.keys(model.whole().facts ?? {}), (title, id) =>
      this.page.act({do: 'add', to: 'facts', key: id, value: 0}, {anyway: true, then: 'fact:' + id}));
  }
}

/** Asks for a name, and gives it with an id. */
export function askName(title, word, taken, made, given) {
  const body = sheet(title, 'small');
  const input = el('input', {type: 'text', 'aria-label': word, placeholder: word, autofocus: true});
  const told = el('p', {className: 'meaning', role: 'status'});
  let isMade = false;
  const go = () => {
    const id = slug(input.value);
    if (!id) { told.textContent = say('write-name'); return; }
    if (taken.includes(id)) { told.textContent = say('there-already', id); return; }
    isMade = true;
    closeSheet();
    made(input.value.trim(), id);
  };
  input.addEventListener('keydown', event => { if (event.key === 'Enter') { event.preventDefault(); go(); } });
  body.append(el('div', {className: 'filter'}, input, el('button', {type: 'button', className: 'push', onclick: go}, say('add'))), told);
  document.getElementById('sheet').onclose = () => { if (!isMade) { given?.(); } };
  input.focus();
}

/** Adds a screen, and goes on with its id. */
export function newScreen(page, then, otherwise) {
  askName(say('add-screen'), say('its-title'), Object.keys(model.whole().screens ?? {}), async (title, id) => {
    const isUsual = title === id.replaceAll('-', ' ').replace(/^./, first => first.toUpperCase());
    const made = await page.act({do: 'add', to: 'screens', key: id, value: isUsual ? {} : {title}}, {anyway: true});
    if (made && then) { then(id); } else if (made) { page.choose('screen:' + id, {from: 'outline'}); }
  }, otherwise);
}
