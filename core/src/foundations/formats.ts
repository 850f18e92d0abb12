/** Sizes and rates of a picture; apart from the rules, since stations need no validator to list them. */

export type Format = '720p50' | '720p60' | '1080p25' | '1080p30' | '1080p50' | '1080p60';
export const FORMATS: readonly Format[] = ['720p50', '720p60', '1080p25', '1080p30', '1080p50', '1080p60'];
