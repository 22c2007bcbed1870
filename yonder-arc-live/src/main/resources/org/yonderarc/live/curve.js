// How things move: a curve that is dragged and played, or a spring with the time in which it settles.
import {el} from './dom.js';
import * as model from './model.js';
import {field} from './fields.js';
import {say} from './words.js';

const PARTS = ['select', 'states', 'drawers', 'screens'];
let part = 'select';

const svg = (tag, attributes, ...children) => {
  const made = document.createElementNS('http://www.w3.org/2000/svg', tag);
  for (const [key, value] of Object.entries(attributes)) { made.setAttribute(key, value); }
  made.append(...children);
  return made;
};

export function motion(page) {
  const whole = model.whole().motion ?? {};
  const own = whole[part];
  const value = typeof own === 'number' ? {duration: own} : typeof own === 'string' ? {kind: own} : own ?? {};
  const told = page.now.motions?.[part] ?? {ms: 0, points: [], easing: ''};
  const of = part === 'screens' ? 'transition' : part + '-timing';
  const isSpring = value.spring !== undefined;
  const put = (key, given) => page.act({do: 'put', thing: 'motion', key: `${part}/${key}`, ...(given === undefined ? {} : {value: given})});
  const at = (key, now) => field(page, {page, thing: 'motion', key: `${part}/${key}`, placeholder: now, node: {...model.shape(of, key), default: now}}, value[key]);
  const toggle = el('div', {className: 'tabs', role: 'group', 'aria-label': say('timing')},
    [[say('a-curve'), false], [say('a-spring'), true]].map(([text, sprung]) => el('button', {type: 'button', 'aria-pressed': String(isSpring === sprung), onclick: () => {
      if (sprung === isSpring) { return; }
      page.act(sprung
        ? {do: 'put', thing: 'motion', key: part, value: {...(value.kind ? {kind: value.kind} : {}), spring: {stiffness: 300, damping: 26}}}
        : {do: 'put', thing: 'motion', key: part, value: {...(value.kind ? {kind: value.kind} : {}), duration: 250, easing: 'cubic-bezier(0.2, 0, 0, 1)'}});
    }}, text)));
  const ball = el('div', {className: 'ball', 'aria-hidden': 'true'}, el('i'));
  const play = () => {
    const frames = told.points.map(share => ({transform: `translateX(${share * (ball.clientWidth - 24)}px)`}));
    ball.firstElementChild.animate(frames, {duration: Math.max(1, told.ms), fill: 'forwards'});
  };
  return [
    el('div', {className: 'tabs', role: 'group', 'aria-label': say('what-moves')}, PARTS.map(one => el('button', {
      type: 'button', 'aria-pressed': String(one === part), onclick: () => { part = one; page.choose('motion'); }}, one))),
    el('p', {className: 'meaning'}, model.shape('motion', part).description),
    part === 'screens' ? field(page, {page, thing: 'motion', key: 'screens/kind', node: model.shape('transition', 'kind')}, value.kind) : '',
    toggle,
    graph(told, isSpring ? undefined : text => put('easing', text)),
    el('p', {className: 'states'}, told.spring ? say('settles-in', told.ms) : say('takes-ms', told.ms)),
    ball,
    el('div', {className: 'ask'}, el('button', {type: 'button', className: 'push', onclick: play}, say('play'))),
    isSpring
      ? ['stiffness', 'damping', 'mass', 'velocity'].map(key => field(page, {
        page, thing: 'motion', key: `${part}/spring/${key}`, required: key === 'stiffness' || key === 'damping', node: model.shape('spring', key)}, value.spring[key]))
      : [at('duration', told.ms), at('easing', told.easing)],
    at('delay'),
    field(page, {page, thing: 'motion', key: 'reduced', node: model.shape('motion', 'reduced')}, whole.reduced)
  ].flat().filter(Boolean);
}

const WIDE = 280;
const HIGH = 100;
const AROUND = 30;

/** The course over time; a cubic curve has two handles to drag, or to move by arrow keys. */
function graph(told, put) {
  const at = (x, y) => [AROUND + x * (WIDE - 2 * AROUND), AROUND + (1 - y) * HIGH];
  const line = points => points.map((share, index) => (index ? 'L' : 'M') + at(index / (points.length - 1), share).map(one => one.toFixed(1)).join(' ')).join('');
  const path = svg('path', {d: told.points.length ? line(told.points) : ''});
  const made = svg('svg', {viewBox: `0 0 ${WIDE} ${HIGH + 2 * AROUND}`, class: 'curve', role: 'img', 'aria-label': told.easing ? say('the-curve', told.easing) : say('the-spring')}, path);
  const cubic = /^cubic-bezier\(([^)]*)\)$/.exec(told.easing);
  if (!put || !cubic) { return made; }
  made.setAttribute('role', 'group');
  const numbers = cubic[1].split(',').map(Number);
  const draw = () => {
    const [x1, y1, x2, y2] = numbers;
    const [a, b, c, d] = [at(0, 0), at(x1, y1), at(x2, y2), at(1, 1)];
    path.setAttribute('d', `M${a.join(' ')}C${b.join(' ')} ${c.join(' ')} ${d.join(' ')}`);
    handles.forEach(({line: arm, knob}, index) => {
      const from = index ? d : a;
      const to = index ? c : b;
      for (const [key, value] of Object.entries({x1: from[0], y1: from[1], x2: to[0], y2: to[1]})) { arm.setAttribute(key, value); }
      knob.setAttribute('cx', to[0]);
      knob.setAttribute('cy', to[1]);
      knob.setAttribute('aria-valuetext', `${numbers[2 * index]}, ${numbers[2 * index + 1]}`);
      knob.setAttribute('aria-valuenow', numbers[2 * index]);
    });
  };
  const write = () => put(`cubic-bezier(${numbers.map(one => Math.round(one * 100) / 100).join(', ')})`);
  const handles = [0, 1].map(index => {
    const knob = svg('circle', {r: 8, tabindex: 0, role: 'slider', 'aria-label': index ? say('handle-second') : say('handle-first'), 'aria-valuemin': 0, 'aria-valuemax': 1});
    const move = (x, y) => {
      numbers[2 * index] = Math.max(0, Math.min(1, x));
      numbers[2 * index + 1] = Math.max(-0.3, Math.min(1.3, y));
      draw();
    };
    let held = false;
    knob.addEventListener('pointerdown', event => { held = true; knob.setPointerCapture(event.pointerId); });
    knob.addEventListener('pointermove', event => {
      if (!held) { return; }
      const box = made.getBoundingClientRect();
      const scale = Math.min(box.width / WIDE, box.height / (HIGH + 2 * AROUND));
      const left = box.left + (box.width - WIDE * scale) / 2;
      const top = box.top + (box.height - (HIGH + 2 * AROUND) * scale) / 2;
      move(((event.clientX - left) / scale - AROUND) / (WIDE - 2 * AROUND), 1 - ((event.clientY - top) / scale - AROUND) / HIGH);
    });
    knob.addEventListener('pointerup', () => { if (held) { held = false; write(); } });
    knob.addEventListener('keydown', event => {
      const step = {ArrowLeft: [-0.05, 0], ArrowRight: [0.05, 0], ArrowUp: [0, 0.05], ArrowDown: [0, -0.05]}[event.key];
      if (step) { event.preventDefault(); move(numbers[2 * index] + step[0], numbers[2 * index + 1] + step[1]); }
      if (event.key === 'Enter') { write(); }
    });
    knob.addEventListener('blur', () => { if (told.easing !== `cubic-bezier(${numbers.join(', ')})` && !held) { write(); } });
    return {line: svg('line', {}), knob};
  });
  made.append(...handles.map(one => one.line), ...handles.map(one => one.knob));
  draw();
  return made;
}
