/** Invented names, put together by the generator. */
export const FIRST =
  'Anneke Tomas Orrin Maud Idris Halla Corin Petra Lowen Sefa Bram Tilda Evan Rosa Jory Noor Kester Wilma Ansel Dara Fenn Greta Hugo Iva Joss Kit Lena Milo Nia Odd'.split(
    ' ',
  );
export const LAST =
  'Voss Reed Pell Harrow Quayle Thorne Skerry Ludd Marsden Okoro Brine Fallow Greaves Hythe Ivers Jessop Kell Lomax Mercer Nance Orme Penrose Rudd Sorrel Tarrant Upton Vane Wick Yarrow Zell'.split(
    ' ',
  );
export const FIRM = [
  'Charters',
  'Boat Hire',
  'Sailing School',
  'Sea Anglers',
  'Rowing Club',
  'Marine Survey',
  'Dive Club',
  'Sail Makers',
];
export const PLACE = [
  'Quayside',
  'Northmoor',
  'Saltbridge',
  'Gull Reach',
  'Ferry Lane',
  'Old Mole',
  'Tide Mill',
  'Sandvik',
  'Crab Hill',
  'Lee Shore',
];
export const BOAT_A = [
  'Margit',
  'Tide',
  'Sand',
  'Silver',
  'Wander',
  'North',
  'Merry',
  'Grey',
  'Morning',
  'Sea',
  'Lady',
  'Little',
  'Storm',
  'Blue',
  'Quiet',
];
export const BOAT_B = [
  'of Sandvik',
  'Runner',
  'piper',
  'Wake',
  'Star',
  'Petrel',
  'Lass',
  'Heron',
  'Mist',
  'Thrift',
  'Avocet',
  'Gannet',
  'Tern',
  'Marigold',
  'Dabchick',
];

export const STREET = ['Harbour Row', 'Chandler’s Lane', 'Rope Walk', 'Signal Street', 'Lower Quay'];
