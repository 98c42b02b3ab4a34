import { chakra } from '@chakra-ui/react';
import { Link, useRouteError } from 'react-router';

/** What is shown when a place does not exist or broke. Nothing that was kept is lost by it. */
export function ErrorPage() {
  const error = useRouteError() as { message?: string } | undefined;
  return (
    <chakra.div padding="24px" role="alert">
      <chakra.h1 fontSize="heading" fontWeight="600">
        {error?.message ? 'Something went wrong on this page.' : 'There is no such place here.'}
      </chakra.h1>
      {error?.message && <chakra.p color="inkSoft">{error.message}</chakra.p>}
      <chakra.p marginTop="12px">
        Your pictures and results are kept. <Link to="/">Go to the first page</Link>.
      </chakra.p>
    </chakra.div>
  );
}
