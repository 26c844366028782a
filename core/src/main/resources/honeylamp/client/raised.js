/* The building raised, to be turned: every pixel is worked out here, no graphics card is asked for. */
(() => {
  const byId = id => document.getElementById(id);
  const model = JSON.parse(byId('raised-data').textContent)[0];
  if (!model.triangles) {
    return;
  }
  byId('turn').hidden = false;
  const PER_TRIANGLE = 22;
  const MOST_PIXELS = 900 * 640;
  const bytes = Uint8Array.from(atob(model.triangles), c => c.charCodeAt(0));
  const numbers = new DataView(bytes.buffer);
  const count = bytes.length / PER_TRIANGLE;
  const points = new Float32Array(count * 9);
  const normals = new Float32Array(count * 3);
  const colours = new Uint8Array(count), levels = new Uint8Array(count), flags = new Uint8Array(count);
  const things = new Uint16Array(count);
  const ROOF = 1, FURNITURE = 2, GLASS = 4;
  for (let t = 0; t < count; t++) {
    const at = t * PER_TRIANGLE;
    for (let i = 0; i < 9; i++) {
      points[t * 9 + i] = model.from[i % 3] + numbers.getUint16(at + 2 * i, true) * model.stepMm;
    }
    colours[t] = bytes[at + 18];
    levels[t] = bytes[at + 19] & 31;
    flags[t] = bytes[at + 19] >> 5;
    things[t] = numbers.getUint16(at + 20, true);
    const p = t * 9;
    const ux = points[p + 3] - points[p], uy = points[p + 4] - points[p + 1], uz = points[p + 5] - points[p + 2];
    const vx = points[p + 6] - points[p], vy = points[p + 7] - points[p + 1], vz = points[p + 8] - points[p + 2];
    const x = uy * vz - uz * vy, y = uz * vx - ux * vz, z = ux * vy - uy * vx;
    const length = Math.hypot(x, y, z) || 1;
    normals.set([x / length, y / length, z / length], t * 3);
  }
  const order = Array.from({ length: count }, (_, t) => t).sort((a, b) => (flags[a] & GLASS) - (flags[b] & GLASS) || a - b);
  const rgb = model.colours.map(c => [1, 3, 5].map(i => parseInt(c.slice(i, i + 2), 16)));
  const middle = [0, 1, 2].map(i => model.from[i] + 65535 * model.stepMm * model.share[i] / 2);
  const across = 65535 * model.stepMm * Math.hypot(model.share[0], model.share[1]); // however it is turned
  const upright = 65535 * model.stepMm * model.share[2];
  const highest = levels.reduce((a, b) => Math.max(a, b), 0);

  const canvas = byId('raised-picture');
  const context = canvas.getContext('2d');
  let zoom = 1;
  let asked = false;

  const draw = () => {
    asked = false;
    const box = canvas.getBoundingClientRect();
    if (box.width < 2) {
      return;
    }
    const fine = Math.min(window.devicePixelRatio || 1, Math.sqrt(MOST_PIXELS / (box.width * box.height)));
    const wide = Math.max(2, Math.round(box.width * fine)), high = Math.max(2, Math.round(box.height * fine));
    if (canvas.width !== wide || canvas.height !== high) {
      canvas.width = wide;
      canvas.height = high;
    }
    const turn = byId('raised-turned').value * Math.PI / 180, down = byId('raised-down').value * Math.PI / 180;
    const apart = Number(byId('raised-apart').value) * 1000;
    const isBare = document.body.classList.contains('bare');
    const ct = Math.cos(turn), st = Math.sin(turn), cd = Math.cos(down), sd = Math.sin(down);
    const lifted = highest * apart;
    const scale = zoom * 0.94 * Math.min(wide / across, high / (across * sd + (upright + lifted) * cd));
    const near = new Float32Array(wide * high).fill(-Infinity);
    const what = new Int32Array(wide * high).fill(-1);
    const image = context.createImageData(wide, high);
    const out = new Uint32Array(image.data.buffer);
    const light = [-0.32, -0.62, 0.72];
    const corners = new Float64Array(9);
    // panes come last: what lies behind them is seen through
    for (let u = 0; u < count; u++) {
      const t = order[u];
      const flag = flags[t];
      if (isBare && flag & FURNITURE) {
        continue;
      }
      const n = t * 3;
      // towards the eye: (-st·cd, -ct·cd, sd)
      if (normals[n] * -st * cd + normals[n + 1] * -ct * cd + normals[n + 2] * sd <= 0) {
        continue;
      }
      const up = (levels[t] + (flag & ROOF ? 1 : 0)) * apart - lifted / 2;
      for (let i = 0; i < 3; i++) {
        const p = t * 9 + i * 3;
        const x = points[p] - middle[0], y = points[p + 1] - middle[1], z = points[p + 2] - middle[2] + up;
        corners[i * 3] = wide / 2 + scale * (x * ct - y * st);
        corners[i * 3 + 1] = high / 2 - scale * ((x * st + y * ct) * sd + z * cd);
        corners[i * 3 + 2] = -(x * st + y * ct) * cd + z * sd;
      }
      const lx = light[0] * ct + light[1] * st, ly = -light[0] * st + light[1] * ct;
      const lit = Math.max(0, normals[n] * lx + normals[n + 1] * ly + normals[n + 2] * light[2]);
      const share = Math.min(1, 0.80 + 0.08 * normals[n + 2] + 0.16 * lit);
      const c = rgb[colours[t]];
      const ink = 0xff000000 | Math.round(c[2] * share) << 16 | Math.round(c[1] * share) << 8 | Math.round(c[0] * share);
      fill(corners, wide, high, near, what, out, things[t], ink, flag & GLASS);
    }
    for (let y = 0; y < high - 1; y++) {
      for (let x = 0, i = y * wide; x < wide - 1; x++, i++) {
        if (what[i] !== what[i + 1] || what[i] !== what[i + wide]) {
          const under = out[i] || 0xffeff7fb;
          const dim = shift => Math.round((under >> shift & 255) * 0.5 + 20) << shift;
          out[i] = 0xff000000 | dim(16) | dim(8) | dim(0);
        }
      }
    }
    context.putImageData(image, 0, 0);
  };

  const fill = (c, wide, high, near, what, out, thing, ink, glass) => {
    const area = (c[3] - c[0]) * (c[7] - c[1]) - (c[6] - c[0]) * (c[4] - c[1]);
    if (Math.abs(area) < 1e-9) {
      return;
    }
    const top = Math.max(0, Math.ceil(Math.min(c[1], c[4], c[7]) - 0.5));
    const foot = Math.min(high - 1, Math.floor(Math.max(c[1], c[4], c[7]) - 0.5));
    const ax = ((c[5] - c[2]) * (c[7] - c[1]) - (c[8] - c[2]) * (c[4] - c[1])) / area;
    const ay = ((c[8] - c[2]) * (c[3] - c[0]) - (c[5] - c[2]) * (c[6] - c[0])) / area;
    for (let y = top; y <= foot; y++) {
      const py = y + 0.5;
      let from = Infinity, to = -Infinity;
      for (let i = 0, j = 6; i < 9; j = i, i += 3) {
        if ((c[i + 1] <= py) !== (c[j + 1] <= py)) {
          const x = c[i] + (py - c[i + 1]) / (c[j + 1] - c[i + 1]) * (c[j] - c[i]);
          from = Math.min(from, x);
          to = Math.max(to, x);
        }
      }
      const first = Math.max(0, Math.ceil(from - 0.5)), last = Math.min(wide - 1, Math.ceil(to - 0.5) - 1);
      let depth = c[2] + ax * (first + 0.5 - c[0]) + ay * (py - c[1]);
      for (let x = first, i = y * wide + first; x <= last; x++, i++, depth += ax) {
        if (depth <= near[i]) {
          continue;
        }
        if (glass) {
          out[i] = through(out[i] || 0xffeff7fb, ink);
        } else {
          near[i] = depth;
          what[i] = thing;
          out[i] = ink;
        }
      }
    }
  };

  const PANE = 0.42;
  const through = (under, over) => {
    const mixed = shift => Math.round((under >> shift & 255) * (1 - PANE) + (over >> shift & 255) * PANE) << shift;
    return 0xff000000 | mixed(16) | mixed(8) | mixed(0);
  };

  const again = () => {
    if (!asked) {
      asked = true;
      requestAnimationFrame(draw);
    }
  };
  const move = (id, by) => {
    const field = byId(id);
    const value = Number(field.value) + by;
    field.value = id === 'raised-turned' ? (value + 360) % 360 : value;
    again();
  };
  ['raised-turned', 'raised-down', 'raised-apart'].forEach(id => byId(id).addEventListener('input', again));
  let held = null;
  canvas.addEventListener('pointerdown', e => {
    held = { x: e.clientX, y: e.clientY };
    canvas.setPointerCapture(e.pointerId);
  });
  canvas.addEventListener('pointermove', e => {
    if (held) {
      move('raised-turned', (e.clientX - held.x) * 0.4);
      move('raised-down', (e.clientY - held.y) * 0.3);
      held = { x: e.clientX, y: e.clientY };
    }
  });
  ['pointerup', 'pointercancel'].forEach(name => canvas.addEventListener(name, () => { held = null; }));
  const nearer = by => { zoom = Math.min(8, Math.max(0.4, zoom * by)); again(); };
  canvas.addEventListener('wheel', e => { e.preventDefault(); nearer(e.deltaY < 0 ? 1.15 : 1 / 1.15); }, { passive: false });
  canvas.addEventListener('keydown', e => {
    const keys = {
      ArrowLeft: () => move('raised-turned', -15), ArrowRight: () => move('raised-turned', 15),
      ArrowUp: () => move('raised-down', 5), ArrowDown: () => move('raised-down', -5),
      '+': () => nearer(1.15), '-': () => nearer(1 / 1.15),
    };
    if (keys[e.key]) {
      keys[e.key]();
      e.preventDefault();
      e.stopPropagation();
    }
  });
  byId('turn').addEventListener('click', () => { byId('raised').showModal(); canvas.focus(); again(); });
  byId('raised-close').addEventListener('click', () => byId('raised').close());
  window.addEventListener('resize', again);
})();
