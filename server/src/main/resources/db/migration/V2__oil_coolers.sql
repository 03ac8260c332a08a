-- The catalogue: all made up, named by what they are.
insert into oil_cooler
  (id, code, name, family, width_mm, height_mm, depth_mm, fins_per_inch, tube_pitch_mm, passes, port_bore_mm, ports, bypass_opens_c)
values
  (1, 'TF-260-130', 'Tube-and-fin 260×130×19', 'TUBE_AND_FIN', 260, 130, 19, 10, 10.5, 2, 8.0, '5/16 in barb', null),
  (2, 'TF-330-150', 'Tube-and-fin 330×150×19', 'TUBE_AND_FIN', 330, 150, 19, 10, 10.5, 2, 9.5, '3/8 in barb', null),
  (3, 'TF-380-190', 'Tube-and-fin 380×190×19', 'TUBE_AND_FIN', 380, 190, 19, 10, 10.5, 4, 9.5, '3/8 in barb', null),
  (4, 'TF-400-250', 'Tube-and-fin 400×250×22', 'TUBE_AND_FIN', 400, 250, 22, 11, 10.5, 4, 9.5, '3/8 in barb', null),
  (5, 'TF-500-250', 'Tube-and-fin 500×250×22', 'TUBE_AND_FIN', 500, 250, 22, 11, 10.5, 6, 9.5, '3/8 in barb', null),
  (6, 'TF-560-300', 'Tube-and-fin 560×300×25', 'TUBE_AND_FIN', 560, 300, 25, 11, 10.5, 6, 12.7, '1/2 in barb', null),
  (7, 'PF-220-130', 'Plate-fin 220×130×25', 'PLATE_FIN', 220, 130, 25, 13, 10.5, 1, 9.5, '3/8 in barb', null),
  (8, 'PF-280-150', 'Plate-fin 280×150×25', 'PLATE_FIN', 280, 150, 25, 13, 10.5, 1, 9.5, '3/8 in flare', null),
  (9, 'PF-280-200', 'Plate-fin 280×200×32', 'PLATE_FIN', 280, 200, 32, 13, 10.5, 1, 9.5, '3/8 in flare', null),
  (10, 'PF-330-200', 'Plate-fin 330×200×32', 'PLATE_FIN', 330, 200, 32, 14, 10.5, 1, 12.7, '1/2 in flare', null),
  (11, 'PF-400-220', 'Plate-fin 400×220×38', 'PLATE_FIN', 400, 220, 38, 13, 10.5, 1, 12.7, '1/2 in flare', null),
  (12, 'PF-450-300', 'Plate-fin 450×300×38', 'PLATE_FIN', 450, 300, 38, 13, 10.5, 1, 12.7, 'M22 port', null),
  (13, 'SP-200-140', 'Stacked plate 200×140×32', 'STACKED_PLATE', 200, 140, 32, 14, 10.5, 1, 9.5, '3/8 in barb', null),
  (14, 'SP-280-150', 'Stacked plate 280×150×32', 'STACKED_PLATE', 280, 150, 32, 14, 10.5, 1, 9.5, '3/8 in barb', null),
  (15, 'SP-280-190', 'Stacked plate 280×190×32', 'STACKED_PLATE', 280, 190, 32, 14, 10.5, 1, 9.5, '3/8 in barb', null),
  (16, 'SP-280-190-B', 'Stacked plate 280×190×32, with bypass', 'STACKED_PLATE', 280, 190, 32, 14, 10.5, 1, 9.5, '3/8 in barb', 75),
  (17, 'SP-280-250', 'Stacked plate 280×250×32', 'STACKED_PLATE', 280, 250, 32, 14, 10.5, 1, 12.7, '1/2 in barb', null),
  (18, 'SP-300-200', 'Stacked plate 300×200×38', 'STACKED_PLATE', 300, 200, 38, 13, 10.5, 1, 12.7, '1/2 in barb', null),
  (19, 'SP-330-260', 'Stacked plate 330×260×38', 'STACKED_PLATE', 330, 260, 38, 13, 10.5, 1, 12.7, '1/2 in barb', null),
  (20, 'SP-330-260-B', 'Stacked plate 330×260×38, with bypass', 'STACKED_PLATE', 330, 260, 38, 13, 10.5, 1, 12.7, '1/2 in barb', 80),
  (21, 'SP-400-260', 'Stacked plate 400×260×50', 'STACKED_PLATE', 400, 260, 50, 12, 10.5, 1, 12.7, 'M22 port', null),
  (22, 'SP-480-330-B', 'Stacked plate 480×330×50, with bypass', 'STACKED_PLATE', 480, 330, 50, 12, 10.5, 1, 16, 'M22 port', 85);
