declare module '@messageformat/core/compile-module' {
  import type MessageFormat from '@messageformat/core'
  /** The source of a module that exports each message as a function. */
  export default function compileModule(format: MessageFormat, messages: Record<string, string>): string
}
