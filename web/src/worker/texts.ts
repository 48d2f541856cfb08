/** What reading a dropped file says where it cannot. */

export const dishCannotBeRead = (problems: string) => `This dish of Yellowmist cannot be read: ${problems}`;
