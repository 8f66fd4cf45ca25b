<?php

declare(strict_types=1);

namespace Admek\Core\Units;

/** What a figure measures; in the core all of them are SI, temperatures °C. */
enum Quantity: string
{
    /** m of water over something. */
    case Depth = 'depth';
    /** m of line, or between boards. */
    case Length = 'length';
    /** m of leader or snell, to the half foot. */
    case Leader = 'leader';
    /** m of wave. */
    case Height = 'height';
    /** m over ground. */
    case Distance = 'distance';
    /** m/s through the water. */
    case Speed = 'speed';
    /** m/s of air. */
    case Wind = 'wind';
    /** °C */
    case Temperature = 'temperature';
    /** °C between two temperatures. */
    case TemperatureStep = 'temperature_step';
    /** °C a metre. */
    case Gradient = 'gradient';
    /** kg */
    case Mass = 'mass';
    /** kg of a clip or bottom weight. */
    case SmallMass = 'small_mass';
    /** Seconds. */
    case Seconds = 'seconds';
    /** Minutes. */
    case Minutes = 'minutes';
    /** Hours. */
    case Hours = 'hours';
    /** Degrees of arc. */
    case Angle = 'angle';
    /** Degrees of arc a second. */
    case Turning = 'turning';
    /** A share of one, told in percent. */
    case Share = 'share';
    /** N on a line. */
    case Pull = 'pull';
    /** m from snout to tail. */
    case Fish = 'fish';
    /** m of line across. */
    case Thickness = 'thickness';
    /** Of leadcore. */
    case Colours = 'colours';
    /** A plain number. */
    case Count = 'count';
}
