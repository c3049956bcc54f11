/** Packs the files of a folder that are text, each beside itself. */
export declare function packFiles(folder: string): Promise<void>;
