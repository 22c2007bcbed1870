// What the page says, from the table of its language.

const words = JSON.parse(document.getElementById('live-words').textContent);

/** The words of a key; {0} and {1} are what is put in. */
export const say = (key, ...parts) => words[key].replace(/\{(\d)\}/g, (slot, index) => parts[index]);
