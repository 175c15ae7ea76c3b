/** What is asked of trousers before any were measured; the server names them so. */
export const firstMeasures = [
  { id: 'waist', words: 'waist, along the seam under the band', text: '' },
  { id: 'seat', words: 'seat girth', text: '' },
  { id: 'thigh', words: 'thigh girth, at the crotch', text: '' },
  { id: 'knee', words: 'knee girth', text: '' },
  { id: 'hem', words: 'hem girth', text: '' },
  { id: 'insideLeg', words: 'inside leg', text: '' },
  { id: 'outsideLeg', words: 'outside leg, without the band', text: '' },
  { id: 'waistband', words: 'depth of the waistband', text: '' },
  { id: 'hemDepth', words: 'depth of the hem', text: '' },
  { id: 'allowance', words: 'seam allowance inside', text: '' },
]
