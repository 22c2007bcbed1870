// Waits for a plan without errors.
const events = new EventSource('events?page=waiting');
let first = true;
events.addEventListener('changed', () => {
  if (!first) { location.reload(); }
  first = false;
});
events.addEventListener('error', () => setTimeout(() => location.reload(), 1500));
