// The interface says what stands in the tables of app/phrases: its code has no text of its own.
const spoken = /^(aria-label|alt|label|placeholder|title)$/;
const hasWords = (text) => /\p{L}{2,}/u.test(text);

/** Names of formats and of ourselves, which are the same in every language. */
const named =
  /^\W*(wordane|Wordane|CSV|CASE|TEI|Web Annotation|\/room|[a-z()-]+=[A-Z]+.*|s\(ai\)d|.*\/ə\/ as in|bout)\W*$/;

const text = {
  meta: { type: 'problem', schema: [] },
  create(context) {
    const refuse = (node, value) => {
      const said = value.trim();
      if (hasWords(said) && !named.test(said))
        context.report({ node, message: `“${said}” belongs into app/phrases.` });
    };
    return {
      JSXText: (node) => refuse(node, node.value),
      JSXAttribute(node) {
        if (node.value?.type === 'Literal' && spoken.test(node.name.name))
          refuse(node, String(node.value.value));
      },
    };
  },
};

export default { rules: { text } };
