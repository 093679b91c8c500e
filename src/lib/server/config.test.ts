import { afterEach, describe, expect, it } from 'vitest';
import { databasePatience } from './config';
import { makePool, reasonAway } from './db/pool';

const before = process.env.DATABASE_PATIENCE;
afterEach(() => {
  if (before === undefined) delete process.env.DATABASE_PATIENCE;
  else process.env.DATABASE_PATIENCE = before;
});

describe('how long the database is waited for', () => {
  it.each([
    [undefined, 4_000, 5_000],
    ['', 4_000, 5_000],
    ['3', 12_000, 15_000],
  ])('DATABASE_PATIENCE %s', (set, connectionTimeoutMillis, lock_timeout) => {
    delete process.env.DATABASE_PATIENCE;
    if (set !== undefined) process.env.DATABASE_PATIENCE = set;
    expect(makePool('postgres://nobody@127.0.0.1:1/none', 1).options).toMatchObject({
      connectionTimeoutMillis,
      lock_timeout,
    });
  });

  it.each(['0', '-1', '21', 'long'])('%s is refused, with its name', (set) => {
    process.env.DATABASE_PATIENCE = set;
    expect(databasePatience).toThrow('DATABASE_PATIENCE');
  });
});

describe('why a request was answered "not now"', () => {
  it.each([
    [Object.assign(new Error('canceling statement'), { code: '57014' }), '57014'],
    [new Error('timeout exceeded when trying to connect'), 'timeout exceeded when trying to connect'],
    [
      new Error('Client has encountered a connection error and is not queryable'),
      'Client has encountered a connection error',
    ],
    [new Error('Failed query', { cause: Object.assign(new Error('no'), { code: '55P03' }) }), '55P03'],
    // what somebody typed is neither a reason nor ever told
    [new Error('Failed query: insert\nparams: knee, Connection terminated', { cause: new Error('bad value') }), null],
  ])('%s', (failure, reason) => {
    expect(reasonAway(failure)).toBe(reason);
  });
});
