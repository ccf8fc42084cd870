/**
 * An editor of lines: every line is a field of its own with its note beside it, so that what is understood stands where
 * it was typed. The text itself stays in a textarea, which is what is sent and what is there without scripts.
 */
export class LineEditor {
  /**
   * @param {HTMLElement} root
   * @param {(text: string) => void} changed
   * @param {(line: number) => void} entered
   */
  constructor(root, changed, entered) {
    this.root = root;
    this.changed = changed;
    this.entered = entered;
    /** @type {{text: string, line: number, caret: number}[]} */
    this.past = [];
    this.future = [];
    root.addEventListener('input', () => this.edited());
    root.addEventListener('keydown', (event) => this.key(event));
    root.addEventListener('paste', (event) => this.paste(event));
    root.addEventListener('focusin', (event) => {
      const field = /** @type {HTMLElement} */ (event.target);
      if (!field.classList.contains('line-text')) return;
      // What a line shows while it is written stays when the focus leaves for a button: nothing may move under a press.
      const row = /** @type {HTMLElement} */ (field.closest('.line-row'));
      this.rows().forEach((other) => other.classList.toggle('now', other === row));
      entered(this.rows().indexOf(row));
    });
    root.addEventListener('pointerdown', (event) => this.drag(event));
  }

  rows() {
    return /** @type {HTMLElement[]} */ ([...this.root.querySelectorAll('.line-row')]);
  }

  /** @param {Element} row @returns {HTMLInputElement} */
  field(row) {
    return row.querySelector('.line-text');
  }

  get text() {
    const lines = this.rows().map((row) => this.field(row).value);
    while (lines.length && !lines[lines.length - 1].trim()) lines.pop();
    return lines.join('\n');
  }

  /** @param {string} text @param {number} [line] @param {number} [caret] */
  show(text, line, caret) {
    const lines = text.split('\n');
    if (lines[lines.length - 1].trim()) lines.push('');
    const rows = this.rows();
    lines.forEach((value, i) => {
      const row = rows[i] ?? this.root.appendChild(this.row(''));
      if (this.field(row).value !== value) this.field(row).value = value;
    });
    rows.slice(lines.length).forEach((row) => row.remove());
    this.number();
    if (line !== undefined) this.focus(line, caret ?? 0);
    this.remembered = text;
  }

  /** @param {string} value */
  row(value) {
    const row = document.createElement('div');
    row.className = 'line-row';
    const grip = document.createElement('span');
    grip.className = 'grip';
    grip.setAttribute('aria-hidden', 'true');
    grip.textContent = '⠿';
    const field = document.createElement('input');
    field.className = 'line-text';
    field.spellcheck = false;
    field.autocomplete = 'off';
    field.maxLength = 400;
    field.value = value;
    const figure = document.createElement('b');
    figure.className = 'figure';
    const detail = document.createElement('div');
    detail.className = 'detail';
    const marks = document.createElement('span');
    marks.className = 'unread-words';
    marks.setAttribute('aria-hidden', 'true');
    field.addEventListener('scroll', () => (marks.scrollLeft = field.scrollLeft));
    row.append(grip, field, marks, figure, detail);
    return row;
  }

  /** Draws a line under the words that are not understood, where they stand. @param {HTMLElement} row @param {string} where */
  mark(row, where) {
    const text = this.field(row).value;
    const marks = /** @type {HTMLElement} */ (row.querySelector('.unread-words'));
    const pieces = [];
    let from = 0;
    for (const [start, end] of where
      .split(' ')
      .filter(Boolean)
      .map((pair) => pair.split('-').map(Number))) {
      const unread = document.createElement('i');
      unread.textContent = text.slice(start, end);
      pieces.push(text.slice(from, start), unread);
      from = end;
    }
    marks.replaceChildren(...pieces);
    marks.scrollLeft = this.field(row).scrollLeft;
  }

  number() {
    this.rows().forEach((row, i) => {
      const field = this.field(row);
      field.setAttribute('aria-label', `line ${i + 1}`);
      row.querySelector('.detail').id = `note-${i}`;
      field.setAttribute('aria-describedby', `note-${i}`);
      field.placeholder = i === this.rows().length - 1 ? 'type a line, or a step…' : '';
    });
  }

  /** @param {number} line @param {number} caret */
  focus(line, caret) {
    const row = this.rows()[Math.max(0, Math.min(line, this.rows().length - 1))];
    const field = this.field(row);
    field.focus();
    field.setSelectionRange(caret, caret);
  }

  /** The line that has the focus, or had it last. */
  get at() {
    const row = document.activeElement?.closest('.line-row');
    return row ? this.rows().indexOf(/** @type {HTMLElement} */ (row)) : this.rows().length - 1;
  }

  edited() {
    const row = document.activeElement?.closest('.line-row');
    if (row) this.mark(/** @type {HTMLElement} */ (row), '');
    const last = this.rows().at(-1);
    if (last && this.field(last).value.trim()) {
      this.root.appendChild(this.row(''));
      this.number();
    }
    const text = this.text;
    if (this.remembered !== undefined && text !== this.remembered) {
      const now = Date.now();
      // Typing in one go is undone in one go.
      if (!this.since || now - this.since > 700) this.past.push({ text: this.remembered, line: this.at, caret: 0 });
      this.since = now;
      this.future = [];
    }
    this.remembered = text;
    this.changed(text);
  }

  /** Changes several lines at once. @param {string[]} lines @param {number} line @param {number} caret */
  put(lines, line, caret) {
    this.past.push({ text: this.text, line: this.at, caret: 0 });
    this.future = [];
    this.since = 0;
    this.show(lines.join('\n'), line, caret);
    this.remembered = this.text;
    this.changed(this.text);
  }

  values() {
    return this.rows().map((row) => this.field(row).value);
  }

  /** @param {boolean} back */
  step(back) {
    const from = back ? this.past : this.future;
    const to = back ? this.future : this.past;
    const state = from.pop();
    if (!state) return;
    to.push({ text: this.text, line: this.at, caret: 0 });
    this.since = 0;
    this.show(state.text, state.line, state.caret);
    this.changed(this.text);
  }

  /** @param {number} from @param {number} to */
  move(from, to) {
    const values = this.values();
    if (to < 0 || to >= values.length || from >= values.length || from === to) return;
    const caret = this.field(this.rows()[from]).selectionStart ?? 0;
    const [value] = values.splice(from, 1);
    values.splice(to, 0, value);
    this.put(values, to, caret);
  }

  /** Moves a step with the foods under it. @param {number} line @param {number} by */
  moveStage(line, by) {
    const values = this.values();
    const starts = this.rows().flatMap((row, i) => (/step|heading/.test(row.dataset.kind ?? '') ? [i] : []));
    if (!starts.includes(0)) starts.unshift(0);
    const last = values.at(-1)?.trim() ? values.length : values.length - 1;
    const stages = starts.map((start, i) => values.slice(start, starts[i + 1] ?? last));
    const which = starts.findLastIndex((start) => start <= line);
    const other = which + by;
    if (other < 0 || other >= stages.length) return;
    [stages[which], stages[other]] = [stages[other], stages[which]];
    const before = stages.slice(0, other).flat().length;
    this.put(stages.flat(), before + line - starts[which], 0);
  }

  /** @param {string} step */
  insertStep(step) {
    const values = this.values();
    const at = this.at;
    const line = values[at]?.trim() ? at + 1 : at;
    values.splice(line, values[line]?.trim() ? 0 : 1, step);
    this.put(values, line, step.length);
  }

  /** @param {KeyboardEvent} event */
  key(event) {
    const field = /** @type {HTMLInputElement} */ (event.target);
    if (!field.classList.contains('line-text')) return;
    const line = this.at;
    const values = this.values();
    const ctrl = event.ctrlKey || event.metaKey;
    if (ctrl && !event.altKey && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      this.step(!event.shiftKey);
    } else if (ctrl && event.key.toLowerCase() === 'y') {
      event.preventDefault();
      this.step(false);
    } else if (event.altKey && /^[1-9]$/.test(event.key)) {
      event.preventDefault();
      const answers = field.closest('.line-row').querySelectorAll('button.answer');
      /** @type {HTMLElement | undefined} */ (answers[Number(event.key) - 1])?.click();
    } else if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      const by = event.key === 'ArrowUp' ? -1 : 1;
      if (event.shiftKey) this.moveStage(line, by);
      else this.move(line, line + by);
    } else if (event.key === 'ArrowUp' && line > 0) {
      event.preventDefault();
      this.focus(line - 1, Math.min(field.selectionStart, values[line - 1].length));
    } else if (event.key === 'ArrowDown' && line + 1 < values.length) {
      event.preventDefault();
      this.focus(line + 1, Math.min(field.selectionStart, values[line + 1].length));
    } else if (event.key === 'Enter' && !ctrl) {
      event.preventDefault();
      const caret = field.selectionStart;
      values.splice(line, 1, field.value.slice(0, caret).trimEnd(), field.value.slice(field.selectionEnd).trimStart());
      this.put(values, line + 1, 0);
    } else if (event.key === 'Backspace' && line > 0 && field.selectionStart === 0 && field.selectionEnd === 0) {
      event.preventDefault();
      const caret = values[line - 1].length;
      values.splice(line - 1, 2, values[line - 1] + field.value);
      this.put(values, line - 1, caret);
    } else if (
      event.key === 'Delete' &&
      line + 1 < values.length &&
      field.selectionStart === field.value.length &&
      field.selectionEnd === field.value.length
    ) {
      event.preventDefault();
      const caret = field.value.length;
      values.splice(line, 2, field.value + values[line + 1]);
      this.put(values, line, caret);
    }
  }

  /** @param {ClipboardEvent} event */
  paste(event) {
    const field = /** @type {HTMLInputElement} */ (event.target);
    const pasted = event.clipboardData?.getData('text/plain').replaceAll('\r', '') ?? '';
    if (!field.classList.contains('line-text') || !pasted.includes('\n')) return;
    event.preventDefault();
    const lines = pasted.split('\n');
    while (lines.length > 1 && !lines[lines.length - 1].trim()) lines.pop();
    const line = this.at;
    const values = this.values();
    const before = field.value.slice(0, field.selectionStart);
    const after = field.value.slice(field.selectionEnd);
    lines[0] = before + lines[0];
    const caret = lines[lines.length - 1].length;
    lines[lines.length - 1] += after;
    values.splice(line, 1, ...lines);
    this.put(values, line + lines.length - 1, caret);
  }

  /** @param {PointerEvent} event */
  drag(event) {
    const grip = /** @type {HTMLElement} */ (event.target).closest('.grip');
    if (!grip) return;
    event.preventDefault();
    const row = /** @type {HTMLElement} */ (grip.closest('.line-row'));
    const from = this.rows().indexOf(row);
    row.classList.add('dragged');
    let to = from;
    const moved = (/** @type {PointerEvent} */ e) => {
      const over = this.rows().findIndex((other) => {
        const box = other.getBoundingClientRect();
        return e.clientY >= box.top && e.clientY < box.bottom;
      });
      if (over >= 0) to = over;
      this.rows().forEach((other, i) => other.classList.toggle('drop', i === to && to !== from));
    };
    const done = () => {
      removeEventListener('pointermove', moved);
      removeEventListener('pointerup', done);
      removeEventListener('pointercancel', done);
      row.classList.remove('dragged');
      this.rows().forEach((other) => other.classList.remove('drop'));
      this.move(from, to);
    };
    addEventListener('pointermove', moved);
    addEventListener('pointerup', done);
    addEventListener('pointercancel', done);
  }

  /** Puts the notes of a reading beside the lines. @param {ParentNode} read */
  annotate(read) {
    const notes = new Map();
    for (const note of read.querySelectorAll('#notes > li')) {
      notes.set(Number(/** @type {HTMLElement} */ (note).dataset.line), note);
    }
    this.rows().forEach((row, i) => {
      const note = /** @type {HTMLElement | undefined} */ (notes.get(i));
      row.dataset.kind = note?.dataset.kind ?? '';
      row.dataset.stage = note?.dataset.stage ?? '';
      row.classList.toggle('open', note?.classList.contains('open') ?? false);
      this.mark(row, note?.dataset.marks ?? '');
      row.querySelector('.figure').textContent = note?.querySelector('.figure').textContent ?? '';
      const detail = row.querySelector('.detail');
      // What is being typed into a note stays under the fingers.
      if (detail.contains(document.activeElement)) return;
      detail.replaceChildren(...(note?.querySelector('.detail').childNodes ?? []));
      detail.querySelectorAll('button.answer').forEach((answer, n) => {
        const key = document.createElement('kbd');
        key.textContent = String(n + 1);
        key.title = `Alt ${n + 1}`;
        answer.prepend(key, ' ');
      });
    });
  }
}
