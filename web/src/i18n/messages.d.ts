declare module 'virtual:messages/*' {
  /** Each sentence as a function of its arguments. */
  const messages: Record<string, (values: Record<string, unknown>) => string>
  export default messages
}
