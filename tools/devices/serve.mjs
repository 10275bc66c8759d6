// A device as the application reads it (docs/devices.md): what it is over HTTP, what it reads over a WebSocket.
import { createServer } from 'node:http';
import { clearInterval, setInterval } from 'node:timers';
import { WebSocketServer } from 'ws';

const HOST = '127.0.0.1';

/**
 * Serves a device on loopback until it is stopped. `read` is asked for all channels every `everyMs` with the seconds since
 * the device began; a channel it says nothing of has dropped out.
 */
export async function serveDevice({ name, channels, read, everyMs, fromS = 0, port }) {
  const device = { protocol: 'hollow-moon/device', version: 1, name, channels };
  const startMs = Date.now();
  const http = createServer((request, response) => {
    response.setHeader('Content-Type', 'application/json');
    response.setHeader('Access-Control-Allow-Origin', '*');
    if (request.method === 'GET' && request.url === '/device') {
      response.end(JSON.stringify(device));
      return;
    }
    response.statusCode = 404;
    response.end(JSON.stringify({ error: 'A device has /device and the WebSocket /stream.' }));
  });
  const sockets = new WebSocketServer({ server: http, path: '/stream' });
  sockets.on('connection', (socket) => socket.send(JSON.stringify(device)));
  const beat = setInterval(() => {
    const now = Date.now();
    const readings = read(fromS + (now - startMs) / 1000);
    for (const { id } of channels) {
      const celsius = readings[id];
      if (celsius === undefined) continue;
      const reading = {
        channel: id,
        at: new Date(now).toISOString(),
        celsius: Math.round(celsius * 10) / 10,
      };
      for (const socket of sockets.clients) socket.send(JSON.stringify(reading));
    }
  }, everyMs);
  await new Promise((done, failed) => {
    http.on('error', failed);
    http.listen(port, HOST, done);
  });
  return {
    address: `ws://${HOST}:${http.address().port}/stream`,
    stop: () =>
      new Promise((done) => {
        clearInterval(beat);
        for (const socket of sockets.clients) socket.terminate();
        sockets.close(() => http.close(done));
      }),
  };
}
