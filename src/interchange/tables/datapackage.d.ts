/** The part of the independent reader that tests use. */
declare module 'datapackage' {
  interface Resource {
    /** Every row with its values by their types; throws where one is of another. */
    read(): Promise<unknown[][]>;
  }
  export class Package {
    static load(descriptor: string, options: { readonly basePath: string }): Promise<Package>;
    readonly valid: boolean;
    readonly errors: readonly Error[];
    getResource(name: string): Resource | undefined;
    readonly resourceNames: readonly string[];
  }
}
