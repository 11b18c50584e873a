#!/usr/bin/env python3
"""Reads the advance widths of a WOFF font's letters and writes them as lines of "code width", in 1/1000 of the size.

  tools/letter-widths.py FONT.woff ... > widths.txt

Run by hand when the fonts that ship are renewed; the result is kept in core's resources.
"""
import struct, sys, zlib


def tables(data):
    count = struct.unpack(">H", data[12:14])[0]
    found = {}
    for i in range(count):
        tag, offset, packed, size, _ = struct.unpack(">4sIIII", data[44 + 20 * i : 64 + 20 * i])
        raw = data[offset : offset + packed]
        found[tag.decode()] = zlib.decompress(raw) if packed < size else raw
    return found


def letters(cmap):
    for i in range(struct.unpack(">H", cmap[2:4])[0]):
        _, _, offset = struct.unpack(">HHI", cmap[4 + 8 * i : 12 + 8 * i])
        if struct.unpack(">H", cmap[offset : offset + 2])[0] != 4:
            continue
        sub = cmap[offset:]
        segments = struct.unpack(">H", sub[6:8])[0] // 2
        part = lambda k, extra=0: struct.unpack(f">{segments}H", sub[14 + 2 * segments * k + extra : 14 + 2 * segments * (k + 1) + extra])
        ends, starts, deltas = part(0), part(1, 2), part(2, 2)
        ranges_at = 16 + 6 * segments
        ranges = struct.unpack(f">{segments}H", sub[ranges_at : ranges_at + 2 * segments])
        for s in range(segments):
            for code in range(starts[s], ends[s] + 1):
                if code == 0xFFFF:
                    continue
                if ranges[s] == 0:
                    glyph = (code + deltas[s]) & 0xFFFF
                else:
                    at = ranges_at + 2 * s + ranges[s] + 2 * (code - starts[s])
                    glyph = struct.unpack(">H", sub[at : at + 2])[0]
                    glyph = (glyph + deltas[s]) & 0xFFFF if glyph else 0
                if glyph:
                    yield code, glyph
        return


widths = {}
for name in sys.argv[1:]:
    found = tables(open(name, "rb").read())
    units = struct.unpack(">H", found["head"][18:20])[0]
    metrics = struct.unpack(">H", found["hhea"][34:36])[0]
    for code, glyph in letters(found["cmap"]):
        at = 4 * min(glyph, metrics - 1)
        widths.setdefault(code, round(struct.unpack(">H", found["hmtx"][at : at + 2])[0] * 1000 / units))
for code in sorted(widths):
    print(f"{code:04X} {widths[code]}")
