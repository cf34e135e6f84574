<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

/** What a form of the slice is drawn as: a stroke of some weight, or a shape. */
enum FormKind: string
{
    case Stem = 'stem';
    case Strand = 'strand';
    case Twig = 'twig';
    case Trunk = 'trunk';
    case Branch = 'branch';
    case Stone = 'stone';
    case Stump = 'stump';
    case Pad = 'pad';
    case Mat = 'mat';
    case Leaf = 'leaf';
    case Post = 'post';
    case Deck = 'deck';
    case Cable = 'cable';

    /** Whether its outline closes. */
    public function isShape(): bool
    {
        return in_array($this, [self::Stone, self::Stump, self::Pad, self::Mat, self::Deck], true);
    }

    /** Whether it bends through its points rather than breaking at them. */
    public function bends(): bool
    {
        return in_array($this, [self::Stem, self::Strand, self::Twig, self::Branch, self::Leaf, self::Cable], true);
    }
}
