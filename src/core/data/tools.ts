/** Tools and supplies that a plan, a process or a test of the metal may ask for. */
export const TOOLS = {
  magnet: 'Magnet',
  file: 'File',
  grinder: 'Grinder',
  chisel: 'Cold chisel and hammer',
  scale: 'Scale that weighs a hung part',
  torch: 'Torch',
  thermometer: 'Contact or spot thermometer',
  crayons: 'Temperature crayons',
  'hardness-tester': 'Portable hardness tester',
  'eddy-meter': 'Conductivity meter',
  analyser: 'Alloy analyser',
  'copper-sulphate': 'Copper sulphate drops',
  caustic: 'Caustic soda drops',
  dye: 'Dye penetrant',
  'mag-particle': 'Magnetic powder and yoke',
  'gauss-meter': 'Field meter',
  'clamp-meter': 'Clamp-on ammeter',
  oven: 'Rod oven',
  'peening-hammer': 'Peening hammer',
  'wire-brush': 'Wire brush',
  'stainless-brush': 'Stainless brush of its own',
  'shield-gas': 'Shielding gas, bottle and regulator',
  'solid-wire': 'Solid wire',
  'cored-wire': 'Self-shielded wire',
  'tig-torch': 'TIG torch, tungsten and rods',
  'brazing-rods': 'Brazing rods and flux',
  'wind-screen': 'Wind screen or tent',
} as const;

export type ToolId = keyof typeof TOOLS;
export const TOOL_IDS = Object.keys(TOOLS) as [ToolId, ...ToolId[]];
