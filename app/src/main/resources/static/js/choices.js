/** What forms of choices share: fields that count beside another choice only, and problems said beside their fields. */

/** Shows each part marked data-when="name=value" while that choice is made. @param {HTMLFormElement} form */
export function conditional(form) {
  const chosen = new FormData(form);
  for (const part of form.querySelectorAll('[data-when]')) {
    const [name, value] = part.getAttribute('data-when').split('=');
    part.toggleAttribute('hidden', chosen.get(name) !== value);
  }
}

/** Says what the answer found wrong beside the fields it is of. @param {HTMLFormElement} form @param {Element} answer */
export function tellProblems(form, answer) {
  const problems = new Map(
    [...answer.querySelectorAll('[data-problem]')].map((li) => [
      li.getAttribute('data-problem'),
      li.textContent.trim().replace('▲ ', ''),
    ]),
  );
  form.querySelectorAll('.wrong[data-of]').forEach((p) => {
    p.textContent = problems.get(p.getAttribute('data-of')) ?? '';
    if (p.id) form.querySelector(`[aria-describedby~="${p.id}"]`)?.classList.toggle('is-invalid', p.textContent !== '');
  });
}
