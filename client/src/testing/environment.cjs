/** The browser's stand-in with what it lacks: fetch and its parts, as Node has them. */
const { TextDecoder } = require('node:util');
const { default: JsdomEnvironment } = require('jest-environment-jsdom');

/** Addresses are relative to the page, as in a browser. */
class PageRequest extends Request {
  constructor(input, init) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost/') : input, init);
  }
}

/**
 * How an element is drawn follows from its name, classes and own style alone, as all our styles are atomic: worked out
 * once for each. Finding something by its role and name asks it of every element, which was half of what a test took.
 */
function rememberStyles(window) {
  const asked = window.getComputedStyle.bind(window);
  const known = new Map();
  window.getComputedStyle = (element, pseudo) => {
    if (pseudo) return asked(element, pseudo);
    const { localName, hidden } = element;
    const key = [
      localName,
      hidden,
      element.getAttribute('class'),
      element.getAttribute('style'),
    ].join('|');
    if (!known.has(key)) known.set(key, asked(element));
    return known.get(key);
  };
}

module.exports = class extends JsdomEnvironment {
  async setup() {
    await super.setup();
    rememberStyles(this.global);
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
