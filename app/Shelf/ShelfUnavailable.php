<?php

declare(strict_types=1);

namespace App\Shelf;

/**
 * The database that holds the shelf cannot be read or written: gone, locked, read-only, damaged, or the disk is full.
 */
final class ShelfUnavailable extends \RuntimeException {}
