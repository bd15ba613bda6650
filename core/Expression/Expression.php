<?php

declare(strict_types=1);

namespace Runel\Expression;

/** Something that has a value once its letters have one; in which numbers is the business of an Evaluation. */
interface Expression extends Node {}
