import { strToU8, zipSync } from 'fflate';
import { csvText } from './csvText';
import type { Table } from './table';

/** A stamp of every file within, so that the same book gives the same bytes. */
const STAMP = new Date(Date.UTC(1980, 0, 2));

const dataPath = (name: string) => `data/${name}.csv`;

/** What the package says of a table: its columns with their types and units. Source: Tabular Data Package 1. */
function resource({ name, title, fields }: Table) {
  return {
    name,
    title,
    path: dataPath(name),
    profile: 'tabular-data-resource',
    format: 'csv',
    mediatype: 'text/csv',
    encoding: 'utf-8',
    schema: {
      fields: fields.map((field) => ({
        name: field.name,
        title: field.title,
        type: field.type,
        ...(field.unit ? { unit: field.unit } : {}),
        // A moment bears its offset, which the plain format of the type does not take.
        ...(field.type === 'datetime' ? { format: 'any' } : {}),
      })),
      missingValues: [''],
      primaryKey: 'id',
    },
  };
}

interface About {
  readonly title: string;
  /** When it was made, ISO. */
  readonly created: string;
}

/** The tables as a Tabular Data Package: a zip of `datapackage.json` and a CSV each. */
export function writePackage(tables: readonly Table[], { title, created }: About): Uint8Array {
  const descriptor = {
    profile: 'tabular-data-package',
    name: 'book',
    title,
    created,
    resources: tables.map(resource),
  };
  const csv = ({ fields, rows }: Table) =>
    csvText(
      fields.map(({ name }) => name),
      rows.map((row) => row.map((cell) => (cell === null ? '' : String(cell)))),
    );
  const files = Object.fromEntries([
    ['datapackage.json', strToU8(`${JSON.stringify(descriptor, null, 2)}\n`)] as const,
    ...tables.map((table) => [dataPath(table.name), strToU8(csv(table))] as const),
  ]);
  return zipSync(files, { mtime: STAMP });
}
