const { getDefaultConfig } = require('expo/metro-config');
const http = require('node:http');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

/** In development the client is served by Metro: hand what it asks of the API, and the solver's files, on to Express. */
const api = new URL(process.env.HOLLOW_MOON_API ?? 'http://127.0.0.1:8080');
config.server = {
  ...config.server,
  enhanceMiddleware: (metro) => (request, response, next) => {
    if (!/^\/(?:api|solver)\//.test(request.url)) return metro(request, response, next);
    const { hostname, port } = api;
    const { url: path, method, headers } = request;
    const onward = http.request({ hostname, port, path, method, headers }, (answer) => {
      response.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(response);
    });
    onward.on('error', () => response.writeHead(502).end());
    request.pipe(onward);
  },
};

module.exports = withNativeWind(config, { input: './src/global.css' });
