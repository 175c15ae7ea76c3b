/** Flat drawings of sources, in mm of a made-up average garment, y down; place-holders until there is a photograph. */
const garments: Record<string, { box: string; body: string; detail: string }> = {
  TROUSERS: {
    box: '0 0 480 1080',
    body: 'M70 20h340l40 420-20 620H270L240 470l-30 590H50L30 440z',
    detail:
      'M70 60h340M240 60v330q0 60 0 80M90 62q20 90 -40 130M390 62q-20 90 40 130M50 1022h158M272 1022h158',
  },
  CURTAIN: {
    box: '0 0 1240 2100',
    body: 'M40 40h1160v2020H40z',
    detail: 'M40 110h1160M40 1940h1160M240 110v1830M470 110v1830M700 110v1830M940 110v1830',
  },
  BLANKET: {
    box: '0 0 1600 2120',
    body: 'M40 40h1520v2040H40z',
    detail: 'M90 90h1420v1940H90z',
  },
  SHIRT: {
    box: '0 0 1300 900',
    body: 'M470 50q180 60 360 0l150 50 290 520-170 90-190-320v450H390V390L200 710 30 620 320 100z',
    detail: 'M630 82v758M670 82v758M390 390q-10-150 80-330M910 390q10-150-80-330',
  },
  PLEATED_SKIRT: {
    box: '0 0 900 640',
    body: 'M250 30h400l210 570H40z',
    detail: 'M240 66h420M320 66L200 600M400 66l-50 534M500 66l50 534M580 66l120 534',
  },
  JUMPER: {
    box: '0 0 1300 660',
    body: 'M480 40q170 70 340 0l170 40 270 430-150 80-190-280v310H380V310L190 590 40 510 310 80z',
    detail: 'M380 560h540M190 590l-150-80 30-50 150 80zM480 40q170 110 340 0',
  },
}

const alike: Record<string, string> = {
  JEANS: 'TROUSERS',
  T_SHIRT: 'SHIRT',
  SWEATSHIRT: 'JUMPER',
  SKIRT: 'PLEATED_SKIRT',
  GATHERED_SKIRT: 'PLEATED_SKIRT',
  CIRCLE_SKIRT: 'PLEATED_SKIRT',
  DRESS: 'PLEATED_SKIRT',
  COAT: 'SHIRT',
  SCARF: 'BLANKET',
}

export const drawingOf = (kind: string) => garments[kind] ?? garments[alike[kind] ?? 'BLANKET']
