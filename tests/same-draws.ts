/**
 * What is drawn at random in the tests is the same in every run, so that a run says what a change has done and no more. With
 * `DRAW=anew` it is drawn anew, to look for what no run has found yet; with `DRAW=<number>` from that seed. A value that fails
 * is printed with its seed; it is made smaller, which may take very long, only with `SMALLER=1`.
 */
import fc from 'fast-check';

const { DRAW, SMALLER } = process.env;
fc.configureGlobal({
  ...fc.readConfigureGlobal(),
  ...(DRAW === 'anew' ? {} : { seed: Number(DRAW ?? 20_260_831) }),
  endOnFailure: SMALLER === undefined,
});
