/** What a stash holds, said as at the cupboard. */
export const kinds = [
  { id: 'SOURCE', words: 'a garment, blanket or curtain' },
  { id: 'LENGTH', words: 'cloth by the metre' },
  { id: 'REMNANT', words: 'a remnant' },
  { id: 'PANEL', words: 'a panel, taken apart' },
  { id: 'KEEPER', words: 'a zip, buttons, cuff, rib …' },
  { id: 'NOTION', words: 'elastic, thread, tape …' },
] as const

export const roles = [
  { id: 'ANYTHING', words: 'anything' },
  { id: 'SHEET', words: 'a sheet of cloth' },
  { id: 'STRIP', words: 'a strip along the grain' },
  { id: 'BUTTONS', words: 'buttons' },
  { id: 'RIB', words: 'a rib or elastic' },
  { id: 'ZIP', words: 'a zip' },
  { id: 'TAPE', words: 'tape, cord or binding' },
] as const

export const keepers = [
  { id: 'BUTTONS', words: 'set of buttons' },
  { id: 'ZIP', words: 'zip' },
  { id: 'RIB', words: 'rib' },
  { id: 'CUFF', words: 'cuff' },
  { id: 'COLLAR', words: 'collar' },
  { id: 'POCKET', words: 'pocket' },
  { id: 'WAISTBAND', words: 'waistband' },
  { id: 'PLACKET', words: 'placket' },
  { id: 'HEM', words: 'hem' },
  { id: 'BINDING', words: 'bound edge' },
  { id: 'TAPE', words: 'tape' },
  { id: 'FRINGE', words: 'fringe' },
  { id: 'SEAM_STRIP', words: 'seam strip' },
  { id: 'YOKE', words: 'yoke' },
] as const

/** Counted by the piece, or by length. */
export const notions = [
  { id: 'ELASTIC', words: 'elastic', long: true },
  { id: 'TAPE', words: 'tape or bias binding', long: true },
  { id: 'CORD', words: 'cord', long: true },
  { id: 'INTERFACING', words: 'interfacing', long: true },
  { id: 'THREAD', words: 'thread, spools', long: false },
  { id: 'NEEDLES', words: 'needles', long: false },
  { id: 'OTHER', words: 'something else', long: false },
] as const

export const weaves = [
  { id: 'PLAIN', words: 'plain' },
  { id: 'TWILL', words: 'twill' },
  { id: 'CORDUROY', words: 'corduroy' },
  { id: 'KNIT', words: 'knit' },
  { id: 'FELT', words: 'felt' },
  { id: 'BLANKET', words: 'blanket' },
  { id: 'STRIPED', words: 'striped' },
] as const

/** Colours as they are named at the cupboard. */
export const colours = [
  { id: 'WHITE', words: 'white or cream' },
  { id: 'GREY', words: 'grey' },
  { id: 'BLACK', words: 'black' },
  { id: 'BROWN', words: 'beige or brown' },
  { id: 'RED', words: 'red or pink' },
  { id: 'YELLOW', words: 'yellow or orange' },
  { id: 'GREEN', words: 'green' },
  { id: 'BLUE', words: 'blue or turquoise' },
  { id: 'VIOLET', words: 'violet' },
] as const

export const missed = [
  { id: 'LITTLE', words: 'hardly missed' },
  { id: 'SOME', words: 'missed a little' },
  { id: 'DEARLY', words: 'a treasure' },
] as const
