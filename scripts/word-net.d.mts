import type { Plugin } from 'vite';
import type { Image } from '../src/core/ideas/images';

export function cutWordNet(images: readonly Image[]): string;
export function wordNet(): Plugin;
