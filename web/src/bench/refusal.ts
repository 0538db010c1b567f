import type { Plan, Violation } from '../api/types';

/** A field of the document as a maker says it: its unit and its full stops are not part of the name. */
function fieldInWords(names: readonly string[]): string {
  return names
    .filter((n) => !/^\d+$/.test(n))
    .map((n) =>
      n
        .replace(/(Mm|Deg|N|Min)$/, '')
        .replace(/([A-Z])/g, ' $1')
        .toLowerCase(),
    )
    .join(', ');
}

/** Where a path lies: the wire and the part of it that a maker knows it by. */
function placed(path: string, plan: Plan): [string, string[]] {
  const names = path.split('.');
  const strand = names[0] === 'strands' ? plan.strands[Number(names[1])] : undefined;
  if (!strand) return ['', names];
  const element = names[2] === 'elements' ? strand.elements[Number(names[3])] : undefined;
  if (element) return [element.label, names.slice(4)];
  return [plan.strands.length > 1 ? strand.title : '', names.slice(2)];
}

/** What was refused, in a line that names the part, the field, what was given and what is allowed. */
export function refusal(violation: Violation, plan: Plan): string {
  const [part, names] = placed(violation.path, plan);
  const what = [part, fieldInWords(names)].filter(Boolean).join(', ');
  const was = violation.value === '' || violation.value.length > 40 ? '' : ` was ${violation.value}`;
  return `${what}${was}: ${violation.limit}`;
}

/** All that was refused at once. */
export function refusals(violations: readonly Violation[], plan: Plan): string {
  return violations.map((v) => refusal(v, plan)).join('; ');
}
