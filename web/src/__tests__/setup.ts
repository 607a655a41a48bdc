import { configure } from '@testing-library/react';

// How long a test waits for what it expects: a busy machine answers late, and no test is a clock.
configure({ asyncUtilTimeout: 10_000 });
