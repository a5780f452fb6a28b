declare module 'named-placeholders' {
  type Compile = <Value>(
    sql: string,
    parameters: Readonly<Record<string, Value>>,
  ) => [sql: string, values: Value[]];
  export default function createCompiler(): Compile;
}
