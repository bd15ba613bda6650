<?php

declare(strict_types=1);

return [
    'refusal-single' => 'Going by degree needs two terms or more in each bracket. Here simply multiply term by term.',
];
