// Waiting ends when what is waited for is there; a slow machine is given its time, ms.
const { configure } = require('@testing-library/react');

configure({ asyncUtilTimeout: 30_000 });
