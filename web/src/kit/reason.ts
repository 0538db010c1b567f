import type { Problem } from '../api/types';

/** Why something was refused, short: the limits that were passed, or what is the matter. */
export function reasonOf(problem: Problem): string {
  return problem.violations.map((v) => v.limit).join('; ') || problem.detail;
}
