import { describe, expect, it } from 'vitest';
import { first, lit, nearest, percentOf, roomiest, stepped, withOthers } from '../../../public/js/screens/parts/places.js';

const place = (user, minute) => ({ user, minute, finish: minute + 60, slot: `day ${minute} ${user}`, says: '', pieces: [] });
const places = [place(1, 540), place(2, 550), place(1, 545), place(1, 700), place(3, 900), place(2, 720)].sort((a, b) => a.minute - b.minute);
const at = (user, minute) => places.find((one) => one.user === user && one.minute === minute);

describe('a place that is meant', () => {
    it('is the nearest with the hands that were pointed at, the earlier of two as near', () => {
        expect(nearest(places, 1, 700)).toBe(at(1, 700));
        expect(nearest(places, 1, 542.5)).toBe(at(1, 540));
        expect(nearest(places, 2, 0)).toBe(at(2, 550));
    });
    it('is none where those hands have none, or none within reach', () => {
        expect(nearest(places, 4, 540)).toBeNull();
        expect(nearest(places, 1, 640, 30)).toBeNull();
        expect(nearest(places, 1, 670, 30)).toBe(at(1, 700));
    });
    it('begins where they are booked, else with the earliest, and nowhere on a full day', () => {
        expect(first(places, { user: 1, minute: 690 })).toBe(at(1, 700));
        expect(first(places, { user: 4, minute: 690 })).toBe(at(1, 540));
        expect(first(places, null)).toBe(at(1, 540));
        expect(first([], null)).toBeNull();
    });
});

describe('keys and buttons', () => {
    it('go to the one before and after with the same hands, and stop at both ends', () => {
        expect(stepped(places, at(1, 540), 1)).toBe(at(1, 545));
        expect(stepped(places, at(1, 545), 1)).toBe(at(1, 700));
        expect(stepped(places, at(1, 700), 1)).toBe(at(1, 700));
        expect(stepped(places, at(1, 540), -1)).toBe(at(1, 540));
    });
    it('go round the hands that have room, as near to the time as can be', () => {
        expect(withOthers(places, at(1, 700))).toBe(at(2, 720));
        expect(withOthers(places, at(2, 550))).toBe(at(3, 900));
        expect(withOthers(places, at(3, 900))).toBe(at(1, 700));
        expect(withOthers(places, at(1, 540), -1)).toBe(at(3, 900));
        expect(withOthers([at(1, 540), at(1, 545)], at(1, 540))).toEqual(at(1, 540));
    });
});

describe('what is lit', () => {
    it('is every minute in which a client can sit, joined where they meet, by hands', () => {
        expect(lit(places)).toEqual([
            { user: 1, from: 540, until: 605 }, { user: 2, from: 550, until: 610 }, { user: 1, from: 700, until: 760 },
            { user: 2, from: 720, until: 780 }, { user: 3, from: 900, until: 960 },
        ]);
        expect(lit([])).toEqual([]);
    });
    it('stands on the board as far along as the minute is in the day', () => {
        expect(percentOf(540, 540, 1080)).toBe(0);
        expect(percentOf(810, 540, 1080)).toBe(50);
        expect(percentOf(1100, 540, 1080)).toBe(100);
        expect(percentOf(100, 540, 1080)).toBe(0);
        expect(percentOf(541, 540, 1080)).toBe(0.185);
    });
    it('bears a name where hands work longest', () => {
        expect(roomiest([[540, 550, true], [550, 600, false], [600, 640, true], [640, 700, false]])).toEqual([600, 640, true]);
        expect(roomiest([[540, 560, true], [570, 590, true]])).toEqual([540, 560, true]);
    });
});
