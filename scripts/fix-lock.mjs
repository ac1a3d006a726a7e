// Writes back the lock entries of other platforms' optional packages, which npm drops when the registry lacks them;
// without them `npm ci` fails. Run after every install; running it again changes nothing.
import fs from 'node:fs';

const lock = JSON.parse(fs.readFileSync('package-lock.json', 'utf8'));
const OS = ['android', 'darwin', 'freebsd', 'linux', 'netbsd', 'openbsd', 'openharmony', 'sunos', 'aix', 'win32'];
const CPU = ['arm64', 'arm', 'x64', 'ia32', 'loong64', 'ppc64', 'riscv64', 's390x', 'mips64el', 'wasm32'];
let added = 0;
for (const [at, pkg] of Object.entries({ ...lock.packages })) {
  for (const [name, version] of Object.entries(pkg.optionalDependencies ?? {})) {
    const places = [`${at}/node_modules/${name}`, `node_modules/${name}`];
    if (at === '' || places.some((place) => lock.packages[place])) continue;
    const words = name.split(/[-/]/);
    const os = OS.find((each) => words.includes(each));
    const cpu = CPU.find((each) => words.includes(each));
    if (!cpu) continue;
    lock.packages[places[1]] = {
      version,
      cpu: [cpu],
      ...(pkg.dev ? { dev: true } : {}),
      optional: true,
      ...(os ? { os: [os] } : {}),
      ...(words.some((word) => word.startsWith('musl')) ? { libc: ['musl'] } : {}),
    };
    added++;
  }
}
lock.packages = Object.fromEntries(Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : 1)));
fs.writeFileSync('package-lock.json', `${JSON.stringify(lock, null, 2)}\n`);
console.log(`${added} entries added`);
