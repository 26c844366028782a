// Reads models with an independent reader: every line, the bodies, and how many of each kind there are.
import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';

const require = createRequire(process.cwd() + '/');
const ifc = require('web-ifc');
const api = new ifc.IfcAPI();
await api.Init();
const failed = [];
for (const file of process.argv.slice(2)) {
  const bytes = readFileSync(file);
  const text = bytes.toString('latin1');
  const model = api.OpenModel(new Uint8Array(bytes));
  const expect = (what, is, should) => { if (is !== should) { failed.push(`${file}: ${what} is ${is}, not ${should}`); } };
  let lines = 0;
  const all = api.GetAllLines(model);
  for (let i = 0; i < all.size(); i++) { api.GetLine(model, all.get(i)); lines++; } // throws on what it does not know
  expect('lines', lines, (text.match(/^#\d+=/gm) || []).length);
  for (const kind of ['IFCWALL', 'IFCSPACE', 'IFCDOOR', 'IFCWINDOW', 'IFCSLAB', 'IFCFURNITURE', 'IFCBUILDINGSTOREY']) {
    const written = (text.match(new RegExp('=' + kind + '\\(', 'g')) || []).length;
    expect(kind, api.GetLineIDsWithType(model, ifc[kind]).size(), written);
  }
  const bodies = new Set();
  api.StreamAllMeshesWithTypes(model, [ifc.IFCWALL, ifc.IFCSPACE, ifc.IFCSLAB, ifc.IFCFURNITURE, ifc.IFCDOOR, ifc.IFCWINDOW],
    mesh => { if (mesh.geometries.size() > 0) { bodies.add(mesh.expressID); } });
  const bodied = ['IFCWALL', 'IFCSPACE', 'IFCSLAB', 'IFCFURNITURE', 'IFCDOOR', 'IFCWINDOW']
    .reduce((sum, kind) => sum + api.GetLineIDsWithType(model, ifc[kind]).size(), 0);
  expect('bodies', bodies.size, bodied);
  const names = [];
  const spaces = api.GetLineIDsWithType(model, ifc.IFCSPACE);
  for (let i = 0; i < spaces.size(); i++) { names.push(api.GetLine(model, spaces.get(i)).Name.value); }
  console.log(`model: ${file}: ${lines} lines, ${bodies.size} bodies, rooms ${names.join(', ')}`);
  api.CloseModel(model);
}
failed.forEach(f => console.error('model: ' + f));
process.exit(failed.length ? 1 : 0);
