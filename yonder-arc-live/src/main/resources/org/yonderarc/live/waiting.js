// Waits for a plan without errors.
const socket = new WebSocket(new URL('events?page=waiting', location.href).href.replace(/^http/, 'ws'));
let first = true;
socket.onmessage = () => {
  if (!first) { location.reload(); }
  first = false;
};
socket.onclose = () => setTimeout(() => location.reload(), 1500);
