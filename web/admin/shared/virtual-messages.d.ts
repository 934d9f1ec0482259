declare module 'virtual:messages/*' {
  const messages: Record<string, string>;
  export default messages;
}
