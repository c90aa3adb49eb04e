export default { singleQuote: true, printWidth: 120 };
