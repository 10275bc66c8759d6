const { getDefaultConfig } = require('expo/metro-config');
const fs = require('node:fs');
const http = require('node:http');
const path = require('node:path');
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

/** What computes runs hot: there a module is required once, as it is loaded, and not looked up at each use. */
const CORE = path.resolve(__dirname, '../core/src');
const blockList = Object.fromEntries(
  fs
    .readdirSync(CORE, { recursive: true })
    .filter((name) => name.endsWith('.ts'))
    .map((name) => [path.join(CORE, name), true]),
);
/** Everything else is loaded as it is first used: the first screen comes sooner. */
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: false, inlineRequires: { blockList } },
});

module.exports = withNativeWind(config, { input: './src/global.css' });
