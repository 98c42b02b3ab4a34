import { Box } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { capitalised, compareSheets, wordNumber, wordPlural, type RuleSheet } from '@able-frame/core';
import { listSubmissions } from '../../database/database.ts';
import type { Submission } from '../../database/schemas.ts';

/** Submissions that began under older rules of a sheet, and are put in doubt by what changed since. */
export function UsedBy({ sheet }: { sheet: RuleSheet }) {
  const [doubted, setDoubted] = useState<readonly Submission[]>([]);
  useEffect(() => {
    let isCurrent = true;
    void listSubmissions().then(all => {
      const own = all.filter(s => s.sheet.id === sheet.id && compareSheets(s.sheet, sheet).length > 0);
      if (isCurrent) setDoubted(own);
    });
    return () => {
      isCurrent = false;
    };
  }, [sheet]);
  if (!doubted.length) return null;
  const n = doubted.length;
  return (
    <Box
      background="needsYouWash"
      borderWidth="1px"
      borderColor="line"
      padding="10px 14px"
      marginBottom="10px"
    >
      {capitalised(wordNumber(n))} {wordPlural(n, 'submission', 'submissions')} began under older rules of
      this sheet:{' '}
      {doubted.map((s, i) => (
        <span key={s.id}>
          {i > 0 && ', '}
          <Link to={`/submission/${s.id}/rules`}>
            {s.sheet.title}, begun {s.createdAt.slice(0, 10)}
          </Link>
        </span>
      ))}
      . Look at what changed there.
    </Box>
  );
}
