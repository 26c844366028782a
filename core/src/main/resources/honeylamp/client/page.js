'use strict';
(() => {
  const SVG = 'http://www.w3.org/2000/svg';
  const byId = id => document.getElementById(id);
  const data = JSON.parse(byId('data').textContent)[0];
  const desk = byId('desk');
  const MM = 96 / 25.4; // so many CSS pixels are a millimetre on paper

  /* What the reader does. */
  const remarks = [];
  const approved = new Map();
  const chosen = new Map(); // by the first of the pages that are alike
  const ticked = new Set();
  let page = 0;
  let mode = 'look';
  let from = null;
  let place = { k: 1, x: 0, y: 0 };
  let fitted = true;

  const make = (name, attributes = {}, ...children) => {
    const node = document.createElement(name);
    Object.entries(attributes).forEach(([key, value]) => node.setAttribute(key, value));
    node.append(...children);
    return node;
  };
  const draw = (name, attributes = {}) => {
    const node = document.createElementNS(SVG, name);
    Object.entries(attributes).forEach(([key, value]) => node.setAttribute(key, value));
    return node;
  };
  const say = words => { byId('said').textContent = words; };

  /* Sheets: each lies in its own size in millimetres, and is moved and scaled as a whole. */
  const sheets = data.pages.map((of, i) => {
    const sheet = byId('sheet-' + i);
    const paper = sheet.firstElementChild;
    paper.style.width = of.widthMm * MM + 'px';
    paper.style.height = of.heightMm * MM + 'px';
    const over = draw('svg', { viewBox: `0 0 ${of.widthMm} ${of.heightMm}`, class: 'over' });
    const spots = (list, kind) => list.forEach(spot => {
      const shape = draw('polygon', { points: spot.outline.join(' '), class: 'spot ' + kind, tabindex: 0, role: 'img' });
      shape.setAttribute('aria-label', spot.name + ', ' + spot.size);
      const tell = () => { if (mode === 'look') say(spot.name + ': ' + spot.size); };
      shape.addEventListener('pointerenter', tell);
      shape.addEventListener('focus', tell);
      shape.addEventListener('click', tell);
      over.append(shape);
    });
    spots(of.rooms, 'room');
    spots(of.pieces, 'piece');
    const marks = draw('g', { class: 'marks' });
    over.append(marks);
    paper.append(over);
    return { sheet, over, marks };
  });

  let resting = 0;
  const lay = moving => {
    const { sheet } = sheets[page];
    sheet.style.transform = `translate(${place.x}px, ${place.y}px) scale(${place.k})`;
    if (moving) {
      sheet.classList.add('moving');
      clearTimeout(resting);
      resting = setTimeout(() => sheet.classList.remove('moving'), 200); // drawn crisp once it rests
    }
  };
  const fit = () => {
    const of = data.pages[page];
    const w = of.widthMm * MM, h = of.heightMm * MM;
    const k = Math.min(desk.clientWidth / w, desk.clientHeight / h) * 0.96;
    place = { k, x: (desk.clientWidth - w * k) / 2, y: (desk.clientHeight - h * k) / 2 };
    fitted = true;
    lay(false);
  };
  const zoom = (factor, x = desk.clientWidth / 2, y = desk.clientHeight / 2) => {
    const k = Math.min(40, Math.max(0.05, place.k * factor));
    place = { k, x: x - (x - place.x) * k / place.k, y: y - (y - place.y) * k / place.k };
    fitted = false;
    lay(true);
  };
  const pan = (x, y) => { place.x += x; place.y += y; fitted = false; lay(true); };

  /* From the window to millimetres on paper. */
  const onPaper = (x, y) => {
    const box = desk.getBoundingClientRect();
    return { x: (x - box.left - place.x) / place.k / MM, y: (y - box.top - place.y) / place.k / MM };
  };
  const viewAt = p => data.pages[page].views.find(v => p.x >= v.left && p.x <= v.right && p.y >= v.top && p.y <= v.bottom)
    || data.pages[page].views[0];

  /* From paper into the plan, which may lie turned about its origin. */
  const inPlan = (view, p) => {
    const x = (p.x - view.originX) * view.scale, y = (view.originY - p.y) * view.scale;
    const back = -view.turnDeg * Math.PI / 180;
    return { x: x * Math.cos(back) - y * Math.sin(back), y: x * Math.sin(back) + y * Math.cos(back) };
  };

  /* Lengths both ways: metres to the centimetre, feet and inches to the half inch. */
  const length = mm => {
    const halves = Math.round(mm / 25.4 * 2);
    const feet = Math.floor(halves / 24), inches = (halves - feet * 24) / 2;
    return (mm / 1000).toFixed(2) + ' m (' + feet + '\u2032 ' + inches + '\u2033)';
  };

  const tidy = () => {
    sheets.forEach((s, i) => {
      s.marks.replaceChildren();
      remarks.filter(r => r.page === data.pages[i].id).forEach(r => {
        const pin = draw('g', { class: 'pin' });
        pin.append(draw('circle', { cx: r.x, cy: r.y, r: 3 }), draw('text', { x: r.x, y: r.y }));
        pin.lastChild.textContent = remarks.indexOf(r) + 1;
        s.marks.append(pin);
      });
    });
    const here = data.pages[page];
    byId('remarks').replaceChildren(...remarks.map(r => {
      const away = make('button', { type: 'button' }, 'Take back');
      away.addEventListener('click', () => { remarks.splice(remarks.indexOf(r), 1); tidy(); });
      return make('li', {}, r.words, away);
    }));
    byId('none').hidden = remarks.length > 0;
    byId('rooms').replaceChildren(...here.rooms.map(room => {
      const go = make('button', { type: 'button' }, room.name, make('small', {}, room.size));
      go.addEventListener('click', () => show(room));
      return make('li', {}, go);
    }));
    byId('listed').hidden = here.list.length === 0;
    byId('list').replaceChildren(...here.list.map(wish => {
      const box = make('input', { type: 'checkbox' });
      box.checked = ticked.has(wish.key);
      box.addEventListener('change', () => { box.checked ? ticked.add(wish.key) : ticked.delete(wish.key); });
      return make('li', {}, make('label', {}, box, (wish.count > 1 ? wish.count + ' ' : '') + wish.what,
        make('small', {}, wish.where)));
    }));
    byId('flip').hidden = byId('schemes').hidden = here.alike.length === 0;
    byId('look').hidden = here.looks.length === 0;
    byId('scheme').textContent = here.scheme;
    const mine = here.alike.length > 0 && chosen.has(here.alike[0]) && chosen.get(here.alike[0]).page === here.id;
    byId('choose').setAttribute('aria-pressed', mine);
    byId('choose').textContent = mine ? 'Chosen: take back' : 'I choose this one';
    const yes = approved.has(here.id);
    byId('approve').setAttribute('aria-pressed', yes);
    byId('approve').textContent = yes ? 'Approved: take back' : 'Approve this page';
    byId('mail').href = 'mailto:?subject=' + encodeURIComponent('Remarks on ' + data.plan)
      + '&body=' + encodeURIComponent(file());
  };

  /* A room fills half the desk. */
  const show = room => {
    const xs = room.outline.filter((_, i) => i % 2 === 0), ys = room.outline.filter((_, i) => i % 2 === 1);
    const left = Math.min(...xs), right = Math.max(...xs), top = Math.min(...ys), bottom = Math.max(...ys);
    const k = 0.6 * Math.min(desk.clientWidth / (right - left), desk.clientHeight / (bottom - top)) / MM;
    place = { k, x: desk.clientWidth / 2 - (left + right) / 2 * MM * k, y: desk.clientHeight / 2 - (top + bottom) / 2 * MM * k };
    fitted = false;
    lay(false);
    say(room.name + ': ' + room.size);
  };

  const turnTo = i => {
    page = i;
    sheets.forEach((s, at) => s.sheet.classList.toggle('shown', at === i));
    [...byId('tabs').children].forEach((tab, at) => tab.setAttribute('aria-selected', at === i));
    from = null;
    fit();
    tidy();
  };

  /* The same in another scheme or look lies at the same place, as large as it was. */
  const turnAmong = (all, word) => {
    if (all.length === 0) { return; }
    const was = place, full = fitted;
    const next = all[(all.indexOf(data.pages[page].id) + 1) % all.length];
    turnTo(data.pages.findIndex(p => p.id === next));
    if (!full) {
      place = was;
      fitted = false;
      lay(false);
    }
    say(data.pages[page][word]);
  };
  const flip = () => turnAmong(data.pages[page].alike, 'scheme');
  const otherLook = () => turnAmong(data.pages[page].looks, 'look');

  const take = next => {
    mode = mode === next ? 'look' : next;
    from = null;
    byId('measure').setAttribute('aria-pressed', mode === 'measure');
    byId('remark').setAttribute('aria-pressed', mode === 'remark');
    desk.classList.toggle('placing', mode !== 'look');
    tidy();
    say(mode === 'measure' ? 'Press on two points, or move the page under the cross and press Enter.'
      : mode === 'remark' ? 'Press where the remark belongs, or move the page under the cross and press Enter.' : '');
  };

  const point = p => {
    const { marks } = sheets[page];
    if (mode === 'measure') {
      if (!from) {
        tidy();
        from = p;
        marks.append(draw('circle', { cx: p.x, cy: p.y, r: 0.8, class: 'foot' }));
        say('And the other point.');
        return;
      }
      const view = viewAt(from);
      if (!view) { say('There is no plan on this page to measure in.'); from = null; return; }
      marks.append(draw('circle', { cx: p.x, cy: p.y, r: 0.8, class: 'foot' }),
        draw('line', { x1: from.x, y1: from.y, x2: p.x, y2: p.y, class: 'way' }));
      say(length(Math.hypot(p.x - from.x, p.y - from.y) * view.scale));
      from = null;
    } else if (mode === 'remark') {
      ask(p);
    }
  };

  const ask = p => {
    const dialog = byId('ask');
    byId('words').value = '';
    dialog.onclose = () => {
      const words = byId('words').value.trim();
      if (dialog.returnValue === 'pin' && words) {
        const view = viewAt(p);
        const plan = view ? inPlan(view, p) : { x: 0, y: 0 };
        remarks.push({
          page: data.pages[page].id, storey: view ? view.storey : '', x: p.x, y: p.y,
          planX: plan.x, planY: plan.y,
          words, on: new Date().toISOString().slice(0, 10)
        });
        take('look');
        say('Pinned as remark ' + remarks.length + '. Save the file when you are done.');
      }
      desk.focus();
    };
    dialog.showModal();
    byId('words').focus();
  };

  const file = () => JSON.stringify({
    form: data.form, plan: data.plan, reader: byId('reader').value.trim(), remarks,
    approved: [...approved].map(([id, on]) => ({ page: id, digest: data.pages.find(p => p.id === id).digest, on })),
    chosen: [...chosen.values()], ticked: [...ticked]
  }, null, 1);

  /* Hands: one finger or button moves the page, two fingers and the wheel bring it nearer. */
  const hands = new Map();
  let moved = 0;
  desk.addEventListener('pointerdown', e => {
    if (e.target.closest('#said')) { return; }
    hands.set(e.pointerId, { x: e.clientX, y: e.clientY });
    moved = 0;
  });
  desk.addEventListener('pointermove', e => {
    const was = hands.get(e.pointerId);
    if (!was) { return; }
    const others = [...hands].filter(([id]) => id !== e.pointerId).map(([, at]) => at);
    moved += Math.hypot(e.clientX - was.x, e.clientY - was.y);
    if (moved > 4 && !desk.hasPointerCapture(e.pointerId)) { desk.setPointerCapture(e.pointerId); }
    if (others.length === 1) {
      const box = desk.getBoundingClientRect(), o = others[0];
      const before = Math.hypot(was.x - o.x, was.y - o.y), after = Math.hypot(e.clientX - o.x, e.clientY - o.y);
      if (before > 0) { zoom(after / before, (o.x + e.clientX) / 2 - box.left, (o.y + e.clientY) / 2 - box.top); }
    } else if (moved > 4) {
      pan(e.clientX - was.x, e.clientY - was.y);
    }
    hands.set(e.pointerId, { x: e.clientX, y: e.clientY });
  });
  const letGo = e => {
    if (hands.delete(e.pointerId) && moved <= 4 && mode !== 'look' && e.type === 'pointerup') {
      point(onPaper(e.clientX, e.clientY));
    }
  };
  desk.addEventListener('pointerup', letGo);
  desk.addEventListener('pointercancel', letGo);
  desk.addEventListener('wheel', e => {
    e.preventDefault();
    const box = desk.getBoundingClientRect();
    zoom(Math.exp(-e.deltaY / 500), e.clientX - box.left, e.clientY - box.top);
  }, { passive: false });

  const middle = () => {
    const box = desk.getBoundingClientRect();
    return onPaper(box.left + box.width / 2, box.top + box.height / 2);
  };
  const KEYS = {
    '+': () => zoom(1.25), '=': () => zoom(1.25), '-': () => zoom(0.8), '0': fit,
    ArrowLeft: () => pan(40, 0), ArrowRight: () => pan(-40, 0), ArrowUp: () => pan(0, 40), ArrowDown: () => pan(0, -40),
    m: () => take('measure'), r: () => take('remark'), f: () => byId('bare').click(), s: flip, l: otherLook,
    Enter: () => point(middle()), Escape: () => { if (mode !== 'look') { take('look'); } }
  };
  document.addEventListener('keydown', e => {
    const typing = e.target.closest('input, textarea, dialog');
    const pressing = e.target.closest('button, a') && e.key === 'Enter';
    if (typing || pressing || e.ctrlKey || e.metaKey || e.altKey || !KEYS[e.key]) { return; }
    e.preventDefault();
    KEYS[e.key]();
  });

  byId('nearer').addEventListener('click', () => zoom(1.4));
  byId('farther').addEventListener('click', () => zoom(1 / 1.4));
  byId('whole').addEventListener('click', fit);
  byId('bare').addEventListener('click', () => {
    const bare = document.body.classList.toggle('bare');
    byId('bare').setAttribute('aria-pressed', bare);
  });
  byId('flip').addEventListener('click', flip);
  byId('look').addEventListener('click', otherLook);
  byId('choose').addEventListener('click', () => {
    const here = data.pages[page], group = here.alike[0];
    if (chosen.has(group) && chosen.get(group).page === here.id) {
      chosen.delete(group);
    } else {
      chosen.set(group, { page: here.id, on: new Date().toISOString().slice(0, 10) });
      say('Chosen: ' + here.scheme + '. Save the file when you are done.');
    }
    tidy();
  });
  byId('measure').addEventListener('click', () => take('measure'));
  byId('remark').addEventListener('click', () => take('remark'));
  byId('print').addEventListener('click', () => window.print());
  byId('reader').addEventListener('input', tidy);
  byId('approve').addEventListener('click', () => {
    const id = data.pages[page].id;
    if (!approved.delete(id)) {
      if (!byId('reader').value.trim()) { say('Type your name first.'); byId('reader').focus(); return; }
      approved.set(id, new Date().toISOString().slice(0, 10));
    }
    tidy();
  });
  byId('save').addEventListener('click', () => {
    const url = URL.createObjectURL(new Blob([file()], { type: 'application/json' }));
    const link = make('a', { href: url, download: data.plan.toLowerCase().replace(/[^a-z0-9]+/g, '-') + '-remarks.json' });
    link.click();
    URL.revokeObjectURL(url);
    say('Saved. Send the file to whoever drew the plan.');
  });

  data.pages.forEach((of, i) => {
    const tab = make('button', { type: 'button', role: 'tab', id: 'tab-' + i }, of.name);
    tab.addEventListener('click', () => turnTo(i));
    byId('tabs').append(tab);
  });
  byId('tabs').hidden = data.pages.length < 2;
  window.addEventListener('resize', () => { if (fitted) { fit(); } });
  turnTo(0);
})();
