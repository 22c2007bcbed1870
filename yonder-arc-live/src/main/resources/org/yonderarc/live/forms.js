// Bars: their forms by looking, and where they and their items show.
import {el, lateList} from './dom.js';
import * as server from './server.js';
import * as model from './model.js';
import {say} from './words.js';

let kind = '';

const formOf = (value, on) => {
  const form = value.forms ? value.forms[on] : value.form ?? value;
  return typeof form === 'string' ? {form} : form;
};

/** The form on each kind of device, chosen by looking at this very plan, and the keys of the one that is chosen. */
export function forms(page, thing, value, fields) {
  const all = model.kinds();
  if (!all.includes(kind)) { kind = all[0]; }
  const hasEach = Boolean(value.forms);
  const own = hasEach ? formOf(value, kind) : value;
  const pictures = el('div', {className: 'pictures', role: 'group', 'aria-label': say('form-on', kind)});
  const choose = async form => {
    const operation = hasEach || all.length > 1
      ? {do: 'put', thing, key: `forms/${kind}`, value: form}
      : {do: 'put', thing, key: 'form', value: form};
    // What comes of it is looked at on a device of that kind.
    if (await page.act(operation)) { page.device(kind); }
  };
  const dark = page.dark?.() ? 'dark' : 'light';
  lateList(pictures, page.tell)(async () => {
    const answer = await server.get(`choices?bar=${encodeURIComponent(model.named(thing)[1])}&kind=${encodeURIComponent(kind)}&scheme=${dark}`);
    return () => (answer.choices ?? []).map(one => {
      const button = el('button', {type: 'button', 'aria-pressed': String(one.chosen), onclick: () => choose(one.form)});
      // As a picture of its own: its names must not meet those of the page.
      button.append(el('img', {alt: '', src: 'data:image/svg+xml,' + encodeURIComponent(one.picture)}));
      button.append(one.form);
      return button;
    });
  }).catch(failed => page.tell(String(failed.message ?? failed), true));
  const of = own?.form ? 'form-' + own.form : undefined;
  const at = hasEach ? `forms/${kind}/` : '';
  return [
    el('h3', {}, say('form')),
    el('div', {className: 'tabs', role: 'group', 'aria-label': say('device-kind')}, all.map(one => el('button', {
      type: 'button', 'aria-pressed': String(one === kind), onclick: () => { kind = one; page.choose(thing); }}, one))),
    pictures,
    of ? el('h3', {}, hasEach ? say('as-form-on', own.form, kind) : say('as-form', own.form)) : '',
    of ? fields(at, own, of) : ''
  ].flat();
}

/** Where it shows: a table of the kinds of devices. */
export function kinds(page, thing, value) {
  const all = model.kinds();
  const shows = one => (value['show-on'] === undefined || value['show-on'].includes(one)) && !(value['hide-on'] ?? []).includes(one);
  const set = (one, on) => {
    const now = all.filter(any => any === one ? on : shows(any));
    const operations = [];
    if (value['show-on'] !== undefined) { operations.push({do: 'put', thing, key: 'show-on'}); }
    if (value['hide-on'] !== undefined) { operations.push({do: 'put', thing, key: 'hide-on'}); }
    if (now.length === 0) { page.tell(say('shows-nowhere'), true); page.choose(thing); return; }
    if (now.length < all.length) {
      const off = all.filter(any => !now.includes(any));
      operations.push(now.length <= off.length ? {do: 'put', thing, key: 'show-on', value: now} : {do: 'put', thing, key: 'hide-on', value: off});
    }
    page.act(operations);
  };
  return el('table', {className: 'kinds'}, el('tbody', {}, all.map(one => {
    const id = `kind-${one}`;
    return el('tr', {},
      el('td', {}, el('label', {htmlFor: id}, one)),
      el('td', {}, el('button', {type: 'button', className: 'small-view', 'aria-label': say('view-on', one), onclick: () => page.device(one)},
        el('img', {alt: '', loading: 'lazy', src: `view?kind=${encodeURIComponent(one)}&scheme=${page.dark() ? 'dark' : 'light'}&at=${page.now.revision}`}))),
      el('td', {}, el('input', {type: 'checkbox', id, checked: shows(one), onchange: event => set(one, event.target.checked)})));
  })));
}
