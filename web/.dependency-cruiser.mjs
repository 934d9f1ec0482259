// what may know what in the front end: no ring of folders, and the shop's script knows nothing of the office
export default {
  forbidden: [
    {
      name: 'no-ring-of-folders',
      comment:
        'A folder that knows another is not known by it, by whatever way: move what both need below them.',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-ring-of-files',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'script-knows-no-office',
      severity: 'error',
      from: { path: '^(script|nods)/' },
      to: { path: '^admin/' },
    },
    {
      name: 'office-is-built-of-features',
      comment: 'Shared things and primitives know no feature.',
      severity: 'error',
      from: { path: '^admin/(shared|ui)/' },
      to: { path: '^admin/features/' },
    },
  ],
  options: {
    exclude: { path: '(\\.test\\.tsx?$|^contract/|node_modules)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
  },
};
