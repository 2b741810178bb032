import Box from '@mui/material/Box';
import { sampleOf, type Tasting, type TastingSeat } from '@cobbet/core/taste/tasting';
import { jarWords, kindWords, likingWords } from '../jarWords';

const cell = { border: '1px solid #000', p: '4pt 8pt', textAlign: 'left' } as const;

/** For who carries: which pot holds what, and who gets which in which order. Nobody else sees it. */
function CarrySheet({ tasting }: { tasting: Tasting }) {
  return (
    <Box component="section" aria-label="Sheet to carry by" sx={{ breakAfter: 'page' }}>
      <Box sx={{ fontSize: '15pt', fontWeight: 700 }}>{tasting.name}: to carry by</Box>
      <Box sx={{ mb: '8pt' }}>Not for those who taste.</Box>
      <Box component="table" sx={{ borderCollapse: 'collapse', mb: '14pt' }}>
        <tbody>
          {tasting.pots.map(({ code }) => (
            <tr key={code}>
              <Box component="th" scope="row" sx={{ ...cell, fontSize: '13pt' }}>
                {code}
              </Box>
              <Box component="td" sx={cell}>
                {sampleOf(tasting, code)?.name}
              </Box>
            </tr>
          ))}
        </tbody>
      </Box>
      <Box component="table" sx={{ borderCollapse: 'collapse' }}>
        <tbody>
          {tasting.seats.map(({ id, name, order }) => (
            <tr key={id}>
              <Box component="th" scope="row" sx={cell}>
                {name}
              </Box>
              {order.map((code) => (
                <Box component="td" key={code} sx={cell}>
                  {code}
                </Box>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

/** A row of boxes to cross. */
function Boxes({ points, low, high }: { points: number; low: string; high: string }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: '5pt' }}>
      <Box sx={{ width: '78pt', textAlign: 'right', fontSize: '8pt', lineHeight: 1.1 }}>{low}</Box>
      {Array.from({ length: points }, (_, i) => (
        <Box
          key={i}
          sx={{
            ...{ width: '15pt', height: '15pt', border: '1px solid #000' },
            borderWidth: i === (points - 1) / 2 ? '2px' : '1px',
          }}
        />
      ))}
      <Box sx={{ width: '78pt', fontSize: '8pt', lineHeight: 1.1 }}>{high}</Box>
    </Box>
  );
}

/** What one taster fills in on paper. */
function Ballot({ tasting, seat }: { tasting: Tasting; seat: TastingSeat }) {
  const { asks, kind } = tasting;
  return (
    <Box
      component="section"
      aria-label={`Ballot of ${seat.name}`}
      sx={{
        breakInside: 'avoid',
        borderTop: '1px dashed #000',
        pt: '8pt',
        mb: '10pt',
      }}
    >
      <Box sx={{ display: 'flex', gap: '12pt', alignItems: 'baseline' }}>
        <Box sx={{ fontSize: '13pt', fontWeight: 700 }}>{seat.name}</Box>
        <div>{kind === 'each' ? tasting.name : kindWords[kind].asks}</div>
      </Box>
      {seat.order.map((code) => (
        <Box
          key={code}
          sx={{
            display: 'flex',
            gap: '12pt',
            py: '5pt',
            breakInside: 'avoid',
            alignItems: 'center',
          }}
        >
          <Box sx={{ fontSize: '15pt', fontWeight: 700, width: '40pt' }}>{code}</Box>
          {kind === 'each' ? (
            <Box sx={{ display: 'grid', gap: '3pt' }}>
              {asks.liking && (
                <Box sx={{ display: 'flex', alignItems: 'center', gap: '6pt' }}>
                  <Box sx={{ width: '48pt' }}>Liking</Box>
                  <Boxes points={9} low={likingWords[1] ?? ''} high={likingWords[9] ?? ''} />
                </Box>
              )}
              {asks.jar.map((name) => (
                <Box key={name} sx={{ display: 'flex', alignItems: 'center', gap: '6pt' }}>
                  <Box sx={{ width: '48pt' }}>{jarWords[name].name}</Box>
                  <Boxes points={5} low={jarWords[name].low} high={jarWords[name].high} />
                </Box>
              ))}
              {asks.words.length > 0 && (
                <div>{asks.words.map((word) => `□ ${word}`).join('   ')}</div>
              )}
              {asks.note && <Box sx={{ borderBottom: '1px solid #000', height: '16pt' }} />}
            </Box>
          ) : (
            <Box sx={{ width: '26pt', height: '26pt', border: '1.5px solid #000' }} />
          )}
        </Box>
      ))}
    </Box>
  );
}

/** A tasting on paper: the sheet to carry by, then a ballot for each taster; there only while it is printed. */
export function Papers({ tasting }: { tasting: Tasting }) {
  return (
    <Box sx={{ color: '#000', fontSize: '10pt', lineHeight: 1.25 }}>
      <CarrySheet tasting={tasting} />
      {tasting.seats.map((seat) => (
        <Ballot key={seat.id} tasting={tasting} seat={seat} />
      ))}
    </Box>
  );
}
