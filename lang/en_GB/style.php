<?php

declare(strict_types=1);

return ['sample' => 'factorise, brackets'];
