/** Computers, by what they show and take in. */
import type { Kind } from '../documents/index.js';
import {
  ADAPTER_IN,
  COMPUTER,
  inner,
  MAINS_IN,
  NET,
  ports,
  USB_POWER,
  video,
  USB_3_WATTS,
} from './port-sketches.js';

export const COMPUTERS: Record<string, Kind> = {
  laptopcom: {
    label: 'Laptop, for words and slides',
    family: 'computer',
    inner: inner(55),
    weight: 1.9,
    power: { running: 60, factor: 0.9 },
    ports: ports(
      video('hdmiout01', 'HDMI out', 'out', 'HDMI A', COMPUTER),
      ['headphone', 'headphones', 'out', 'TRS 3.5', 'audio', { level: 'consumer' }],
      ['usbnet001', 'network', 'both', 'RJ45', 'network'],
      ADAPTER_IN,
    ),
  },
  laptopcal: {
    label: 'Laptop, for calls, picture in by USB',
    family: 'computer',
    inner: inner(55),
    weight: 1.9,
    power: { running: 65, factor: 0.9 },
    ports: ports(
      video('hdmiout01', 'HDMI out', 'out', 'HDMI A', COMPUTER),
      video('usbvideo1', 'USB, picture in', 'in', 'USB-A', { scaled: true, watts: USB_3_WATTS }),
      ['usbaudio1', 'USB, sound', 'both', 'USB-C', 'audio', { level: 'digital' }],
      ['headphone', 'headphones', 'out', 'TRS 3.5', 'audio', { level: 'consumer' }],
      NET,
      ADAPTER_IN,
    ),
  },
  laptopkey: {
    label: 'Laptop, two picture outputs, for key and fill',
    family: 'computer',
    inner: inner(80),
    weight: 2.4,
    power: { running: 90, factor: 0.9 },
    ports: ports(
      video('hdmiout01', 'HDMI out 1', 'out', 'HDMI A', COMPUTER),
      video('hdmiout02', 'HDMI out 2', 'out', 'HDMI A', COMPUTER),
      NET,
      ADAPTER_IN,
    ),
  },
  laptopusb: {
    label: 'Laptop, thin, USB-C only',
    family: 'computer',
    inner: inner(50),
    weight: 1.2,
    power: { running: 45, factor: 0.9 },
    ports: ports(
      video('usbcout01', 'USB-C', 'out', 'USB-C', { ...COMPUTER, group: 'USB-C socket' }),
      USB_POWER(65, { group: 'USB-C socket' }),
    ),
  },
  desktopvg: {
    label: 'Computer of the house, VGA',
    family: 'computer',
    weight: 7,
    power: { running: 90, factor: 0.9 },
    ports: ports(video('vgaout001', 'VGA', 'out', 'VGA'), MAINS_IN),
  },
};
