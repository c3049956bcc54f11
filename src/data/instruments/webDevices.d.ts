/// <reference types="w3c-web-serial" />
/// <reference types="w3c-web-hid" />
