/** The browser's stand-in with what it lacks: fetch and its parts, as Node has them. */
const { TextDecoder } = require('node:util');
const { default: JsdomEnvironment } = require('jest-environment-jsdom');

/** Addresses are relative to the page, as in a browser. */
class PageRequest extends Request {
  constructor(input, init) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost/') : input, init);
  }
}

module.exports = class extends JsdomEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, {
      Request: PageRequest,
      Response,
      Headers,
      fetch: () => Promise.reject(new TypeError('tests do not reach a network')),
      AbortController,
      AbortSignal,
      DOMException,
      structuredClone,
      TextDecoder,
    });
  }
};
