import type { paths } from './schema'

/** The verbs that an address may answer to, as the interface's document writes them. */
export type Verb = 'get' | 'post' | 'put' | 'patch' | 'delete'

type AddressesWith<V extends Verb> = {
  [K in keyof paths]: paths[K] extends Record<V, { responses: unknown }> ? K : never
}[keyof paths]

type WithoutQuery<P extends string> = P extends `${infer Path}?${string}` ? Path : P

/** Whether an address is one of a pattern, as `/classes/{id}`, part by part. */
type IsOf<P extends string, K extends string> = K extends `${infer KHead}/${infer KTail}`
  ? P extends `${infer PHead}/${infer PTail}`
    ? KHead extends `{${string}}`
      ? IsOf<PTail, KTail>
      : PHead extends KHead
        ? IsOf<PTail, KTail>
        : false
    : false
  : P extends `${string}/${string}`
    ? false
    : K extends `{${string}}`
      ? true
      : P extends K
        ? true
        : false

type PatternsOf<V extends Verb, P extends string> = {
  [K in AddressesWith<V>]: true extends IsOf<P, K> ? K : never
}[AddressesWith<V>]

/** The pattern in the interface's document that an address is of; never where there is none with that verb. */
export type PatternOf<V extends Verb, P extends string> =
  WithoutQuery<P> extends AddressesWith<V> ? WithoutQuery<P> : PatternsOf<V, WithoutQuery<P>>

/** For each pattern its own: an address may be one of several. */
type OperationAt<V extends Verb, K> = K extends keyof paths
  ? paths[K] extends Record<V, infer O>
    ? O
    : never
  : never
type OperationOf<V extends Verb, P extends string> = OperationAt<V, PatternOf<V, P>>

type Content<C> = C extends { content: infer All } ? All[keyof All] : void

type Success<R> = R extends { 200: infer C }
  ? Content<C>
  : R extends { 201: infer C }
    ? Content<C>
    : R extends { 202: infer C }
      ? Content<C>
      : void

type AnswerFrom<O> = O extends { responses: infer R } ? Success<R> : never

/** What comes back from an address where all goes well. */
export type AnswerOf<V extends Verb, P extends string> = AnswerFrom<OperationOf<V, P>>

/** What a list at an address holds. */
export type ItemOf<V extends Verb, P extends string> =
  AnswerOf<V, P> extends { items: (infer T)[] } ? T : never

type Sent<B> = B extends { content: infer All }
  ? All extends { 'multipart/form-data': unknown }
    ? FormData
    : All[keyof All]
  : undefined

type SentTo<O> = O extends { requestBody?: infer B } ? Sent<NonNullable<B>> : undefined

/** What is sent to an address; undefined where nothing is. */
export type BodyOf<V extends Verb, P extends string> = SentTo<OperationOf<V, P>>

/** An argument more than anybody gives, where the document knows no such address. */
export type Known<V extends Verb, P extends string> = [PatternOf<V, P>] extends [never]
  ? [noSuchAddress: never]
  : []
