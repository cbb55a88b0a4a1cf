import { configure } from '@testing-library/dom';

// On a busy machine a first picture takes more than the second that is waited for otherwise.
configure({ asyncUtilTimeout: 15_000 });
