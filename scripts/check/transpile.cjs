const { createHash } = require('node:crypto');
const ts = require('typescript');

/**
 * TypeScript to CommonJS for Jest where there is nothing to hoist. Exports are plain properties: through the getters that
 * swc writes for them arithmetic over many small modules takes twice as long.
 */
const OPTIONS = {
  module: ts.ModuleKind.CommonJS,
  target: ts.ScriptTarget.ES2022,
  esModuleInterop: true,
  jsx: ts.JsxEmit.ReactJSX,
  experimentalDecorators: true,
  emitDecoratorMetadata: true,
  useDefineForClassFields: false,
  inlineSourceMap: true,
  inlineSources: true,
};

/** CommonJS has names of its own for these. */
const NAMES = {
  'import.meta.dirname': '__dirname',
  'import.meta.filename': '__filename',
  'import.meta.url': "require('node:url').pathToFileURL(__filename).href",
  'import.meta.env': '({})',
};

module.exports = {
  getCacheKey: (source, file) =>
    createHash('sha256')
      .update(source)
      .update('\0')
      .update(file)
      .update(`${ts.version} ${JSON.stringify([OPTIONS, NAMES])}`)
      .digest('hex'),
  process(source, file) {
    const text = Object.entries(NAMES).reduce((t, [from, to]) => t.replaceAll(from, to), source);
    return { code: ts.transpileModule(text, { fileName: file, compilerOptions: OPTIONS }).outputText };
  },
};
